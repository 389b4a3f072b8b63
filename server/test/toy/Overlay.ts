import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

export const ROOT = join(__dirname, '../../..');

/** What an addition writes: whole new files, and in files that are there a line after another line. */
export interface Additions {
  files: Record<string, string>;
  lines: Record<string, [after: string, line: string][]>;
}

/** The real tree with other files laid over it: what the compiler and the bundler read. Paths are the repository's own. */
export class Overlay {
  private readonly files = new Map<string, string>();
  private versions = 0;
  private readonly versionOf = new Map<string, number>();

  read(path: string): string {
    return this.files.get(path) ?? readFileSync(join(ROOT, path), 'utf8');
  }

  has(path: string): boolean {
    return this.files.has(path);
  }

  version(path: string): string {
    return String(this.versionOf.get(path) ?? 0);
  }

  paths(): string[] {
    return [...this.files.keys()];
  }

  write(path: string, text: string): void {
    this.versions += 1;
    this.files.set(path, text);
    this.versionOf.set(path, this.versions);
  }

  add({ files, lines }: Additions): void {
    for (const [path, text] of Object.entries(files)) this.write(path, text);
    for (const [path, rows] of Object.entries(lines)) {
      let text = this.read(path);
      for (const [after, line] of rows) {
        if (!text.includes(`${after}\n`)) throw new Error(`${path} has no line “${after}” any more`);
        text = text.replace(`${after}\n`, `${after}\n${line}\n`);
      }
      this.write(path, text);
    }
  }
}

/** The compiler's language service over an overlay. */
export function compilerOver(overlay: Overlay) {
  const { config } = ts.readConfigFile(join(ROOT, 'tsconfig.json'), ts.sys.readFile) as { config: object };
  const parsed = ts.parseJsonConfigFileContent(config, ts.sys, ROOT);
  const own = (file: string) => (file.startsWith(`${ROOT}/`) ? file.slice(ROOT.length + 1) : file);
  const shipped = parsed.fileNames.filter((file) => /\/src\//.test(file) && !/\.test\.|test-support/.test(file));
  const host: ts.LanguageServiceHost = {
    getCompilationSettings: () => parsed.options,
    // What ships; the tests of the tree itself are checked by the Types step.
    getScriptFileNames: () => [...new Set([...shipped, ...overlay.paths().map((path) => join(ROOT, path))])],
    getScriptVersion: (file) => overlay.version(own(file)),
    getScriptSnapshot: (file) => {
      const text = overlay.has(own(file)) ? overlay.read(own(file)) : ts.sys.readFile(file);
      return text === undefined ? undefined : ts.ScriptSnapshot.fromString(text);
    },
    getCurrentDirectory: () => ROOT,
    getDefaultLibFileName: (options) => ts.getDefaultLibFilePath(options),
    fileExists: (file) => overlay.has(own(file)) || ts.sys.fileExists(file),
    readFile: (file) => (overlay.has(own(file)) ? overlay.read(own(file)) : ts.sys.readFile(file)),
    readDirectory: ts.sys.readDirectory,
    directoryExists: (folder) =>
      ts.sys.directoryExists(folder) || overlay.paths().some((path) => path.startsWith(`${own(folder)}/`)),
    getDirectories: ts.sys.getDirectories,
    ...(ts.sys.realpath ? { realpath: ts.sys.realpath } : {}),
  };
  const service = ts.createLanguageService(host, ts.createDocumentRegistry());
  const errorsIn = (path: string): string[] =>
    service
      .getSemanticDiagnostics(join(ROOT, path))
      .map((found) => `${path}: ${ts.flattenDiagnosticMessageText(found.messageText, ' ')}`);
  return {
    errorsIn,
    /** Every error in the workspaces named. */
    errors: (workspaces: readonly string[]) =>
      service
        .getProgram()!
        .getSourceFiles()
        .map(({ fileName }) => own(fileName))
        .filter(
          (path) => workspaces.some((workspace) => path.startsWith(`${workspace}/src/`)) && !path.endsWith('.d.ts'),
        )
        .flatMap(errorsIn),
  };
}
