import { existsSync, mkdirSync, readdirSync, writeFileSync } from 'node:fs';

import { run, succeeds } from './run.mjs';
import { giveUp, say } from './say.mjs';

/** Newest PostgreSQL on this machine, or null. */
export function postgresBin() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return null;
  const versions = readdirSync(base)
    .map(Number)
    .filter((version) => existsSync(`${base}/${version}/bin/initdb`))
    .sort((a, b) => b - a);
  return versions.length ? `${base}/${versions[0]}/bin` : null;
}

/** Installs PostgreSQL from Debian's packages when it is missing. */
export function ensurePostgres() {
  if (postgresBin()) return postgresBin();
  const prepare = [
    // Else the package may start a cluster of its own on 5432.
    () => {
      mkdirSync('/etc/postgresql-common', { recursive: true });
      writeFileSync('/etc/postgresql-common/createcluster.conf', 'create_main_cluster = false\n');
    },
  ];
  install(['postgresql', 'postgresql-client'], prepare);
  return postgresBin() ?? giveUp('PostgreSQL was installed but is not where Debian puts it (/usr/lib/postgresql).');
}

/**
 * Installs Debian's headless Chromium when it is missing: only the browser tests need it. The shell without windows takes a
 * fifth less time than the whole browser, which is taken where there is no shell.
 */
export function ensureChromium() {
  if (chromiumPath()) return;
  try {
    install(['chromium-headless-shell']);
  } catch (error) {
    say(`chromium-headless-shell is not to be had (${String(error.message).split('\n')[0]}); taking chromium`);
    install(['chromium']);
  }
}

/** The browser of this machine, or null. */
export function chromiumPath() {
  return ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((path) => existsSync(path)) ?? null;
}

function install(packages, prepare = []) {
  const names = packages.join(' ');
  if (!existsSync('/usr/bin/apt-get'))
    giveUp(`this needs ${names}; install it with your system's package manager, then run this again.`);
  const isRoot = process.getuid?.() === 0;
  if (!isRoot && !succeeds('sudo', ['-n', 'true'])) {
    giveUp(`this needs ${names}. Run:  sudo apt-get update && sudo apt-get install ${names}   then run this again.`);
  }
  say(`installing ${names} from Debian's packages`);
  if (isRoot) for (const step of prepare) step();
  const sudo = isRoot ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    run(command, rest, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } });
  };
  apt('update');
  apt('install', '-y', '--no-install-recommends', ...packages);
}
