/** Our own packages are bundled from source; everything from npm stays outside. */
export const npmOutside = {
  name: 'npm-outside',
  setup(builder) {
    builder.onResolve({ filter: /^[^./]/ }, (args) =>
      args.kind === 'entry-point' || args.path.startsWith('@deep-mend/') ? null : { path: args.path, external: true },
    );
  },
};
