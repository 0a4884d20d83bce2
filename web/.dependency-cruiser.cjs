/** Rooms of the interface: no file and no folder leads back to itself. */
module.exports = {
  forbidden: [
    { name: 'no-file-cycles', severity: 'error', from: {}, to: { circular: true } },
    { name: 'no-folder-cycles', severity: 'error', scope: 'folder', from: {}, to: { circular: true } },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    includeOnly: '^src/',
    exclude: { path: '[.]test[.]ts$' },
    enhancedResolveOptions: { extensions: ['.ts', '.vue', '.js'] },
  },
}
