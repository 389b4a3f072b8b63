export default async function globalTeardown() {
  await globalThis.__deepMendCluster?.stop();
}
