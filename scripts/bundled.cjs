/**
 * Makes one script of a test and of all that it imports, for Jest.
 *
 * Jest runs many tests in one process. Where two of them run the same texts, V8 does not compile those as well for
 * the second as for the first, and our models take twice as long. A script of its own is compiled as if alone.
 */
const { createHash } = require('node:crypto');
const esbuild = require('esbuild');

/** Modules that are put in others' places, or loaded twice, stay apart. */
const APART = /jest\.(mock|resetModules|requireActual)\b/;

/** @param rest the transform that leaves modules apart, as Jest is told of one: where it is, and its options */
exports.createTransformer = ({ rest: [path, options] }) => {
  const apart = require(path).createTransformer(options);
  /** The last bundle: Jest asks for its key first, then for its text unless that is cached. */
  let made = null;

  function bundle(file, { config: { rootDir } }) {
    const { outputFiles } = esbuild.buildSync({
      entryPoints: [file],
      outfile: `${file}.js`,
      absWorkingDir: rootDir,
      tsconfig: 'tsconfig.jest.json',
      bundle: true,
      write: false,
      packages: 'external',
      format: 'cjs',
      platform: 'node',
      sourcemap: 'external',
      sourcesContent: false,
      supported: { 'dynamic-import': false },
      logLevel: 'error',
    });
    const [map, code] = outputFiles.map((output) => output.text);
    return { code, map };
  }

  return {
    /** Another test, or another text of anything in it. */
    getCacheKey(source, file, about) {
      const hash = createHash('sha256').update(file).update(about.configString);
      if (APART.test(source)) return hash.update(source).digest('hex');
      made = { file, ...bundle(file, about) };
      return hash.update(made.code).digest('hex');
    },
    process(source, file, about) {
      if (APART.test(source)) return apart.process(source, file, about);
      return made?.file === file ? made : bundle(file, about);
    },
  };
};
