/** Folders depend on each other one way only; a change in one never comes back to it through another. */
module.exports = {
  forbidden: [
    {
      name: 'no-circles-between-folders',
      severity: 'error',
      from: {},
      to: { circular: true },
      scope: 'folder',
    },
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'api-knows-no-screen',
      comment: 'The wire, and what travels on it, below everything else.',
      severity: 'error',
      from: { path: '^src/api' },
      to: { path: '^src/(?!api|clock)' },
    },
    {
      name: 'ui-knows-no-station',
      severity: 'error',
      from: { path: '^src/(ui|words|rail|section|curve|tray|kitchen|drafts)/' },
      to: { path: '^src/(stations|frame)/' },
    },
    {
      name: 'stations-do-not-know-each-other',
      severity: 'error',
      from: { path: '^src/stations/([^/]+)/' },
      to: { path: '^src/stations/(?!$1)[^/]+/' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    exclude: { path: '\\.test\\.ts$|node_modules|schema\\.d\\.ts' },
  },
};
