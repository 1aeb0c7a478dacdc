import { randomBytes } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';

/** Keeps the cluster: creates and renames databases. Cricket's server never signs in as this one. */
export const keeper = 'keeper';
/** Owns the databases of Cricket and has no other rights. */
export const app = 'cricket';
/** Who owned everything in clusters made before there were passwords. */
const before = 'app';

/**
 * The passwords of a cluster's two roles, in PostgreSQL's own form of password file: its programs read it by PGPASSFILE, so that
 * no password stands on a command line.
 */
export function passwordFile(path) {
  return {
    path,
    exists: () => existsSync(path),
    /** New passwords, readable by their owner only. */
    make() {
      const lines = [keeper, app].map((role) => `127.0.0.1:*:*:${role}:${randomBytes(24).toString('base64url')}`);
      writeFileSync(path, `${lines.join('\n')}\n`, { mode: 0o600 });
    },
    of(role) {
      const line = readFileSync(path, 'utf8')
        .split('\n')
        .find((each) => each.split(':')[3] === role);
      if (!line) throw new Error(`${path} holds no password of ${role}`);
      return line.split(':')[4];
    },
  };
}

/** Statements, a line each, that give the two roles these passwords; they create what is missing. */
export function rolesSql(passwords, { mayCreateDatabases }) {
  const roles = [
    [keeper, 'superuser createdb createrole'],
    [app, `nosuperuser nocreaterole ${mayCreateDatabases ? 'createdb' : 'nocreatedb'}`],
  ];
  const each = roles.flatMap(([role, rights]) => [
    `do $$ begin if not exists (select from pg_roles where rolname = '${role}') then create role ${role}; end if; end $$`,
    `alter role ${role} login ${rights} password '${passwords.of(role)}'`,
  ]);
  const old = `do $$ begin if exists (select from pg_roles where rolname = '${before}') then alter role ${before} nologin; end if; end $$`;
  return ["set password_encryption = 'scram-sha-256'", ...each, old].map((line) => `${line};\n`).join('');
}

/** Who may come in, and how: over loopback, with a password, and in no other way. */
export const hostRules = 'host all all 127.0.0.1/32 scram-sha-256\n';

/** Databases that Cricket's role does not own yet. */
export const databasesOfBefore = `select datname from pg_database where datdba = (select oid from pg_roles where rolname = '${before}') and datname like 'cricket%'`;

/** Hands one database's tables over to Cricket's role. */
export const handOver = `do $$ declare t text; begin
  for t in select format('%I.%I', schemaname, tablename) from pg_tables where schemaname = 'public' and tableowner <> '${app}'
  loop execute 'alter table ' || t || ' owner to ${app}'; end loop; end $$`;
