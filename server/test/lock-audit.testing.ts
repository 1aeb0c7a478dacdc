/** One package as the lock file has it. */
export interface LockedPackage {
  version?: string;
  resolved?: string;
  integrity?: string;
  hasInstallScript?: boolean;
  deprecated?: string;
  link?: boolean;
}

/**
 * What can be said of the packages without a network: each is one version, held by its SHA-512, from a registry and not
 * from a repository or an address of its own, given up by nobody, and runs nothing when it is installed unless it may.
 *
 * @param packages - `packages` of a lock file, by folder
 * @param mayInstall - names of those that may run a script when they are installed
 * @returns one line for each objection
 */
export function lockObjections(
  packages: Readonly<Record<string, LockedPackage>>,
  mayInstall: ReadonlySet<string>,
): string[] {
  return Object.entries(packages).flatMap(([folder, entry]) => {
    if (!folder.includes('node_modules/') || entry.link) return [];
    const name = folder.slice(folder.lastIndexOf('node_modules/') + 'node_modules/'.length);
    return [
      ...(/^\d+\.\d+\.\d+/.test(entry.version ?? '') ? [] : [`${folder}: no exact version`]),
      ...(entry.integrity?.startsWith('sha512-') ? [] : [`${folder}: not held by a SHA-512`]),
      ...(entry.resolved === undefined || /^https:\/\/[^/]+\/.*\.tgz$/.test(entry.resolved)
        ? []
        : [`${folder}: does not come from a registry`]),
      ...(entry.hasInstallScript && !mayInstall.has(name) ? [`${folder}: runs a script when it is installed`] : []),
      ...(entry.deprecated ? [`${folder}: given up: ${entry.deprecated}`] : []),
    ];
  });
}
