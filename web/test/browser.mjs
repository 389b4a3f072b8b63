import { TestEnvironment } from 'jest-environment-jsdom';

/** jsdom with what browsers have and it lacks: Node's own. */
export default class Browser extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      scrollTo: () => undefined,
      structuredClone,
      TextEncoder,
      TextDecoder,
      fetch,
      Request,
      Response,
      Headers,
    });
  }
}
