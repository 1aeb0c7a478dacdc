import { Flag, OneOf, Optional, Secret, Text, Whole } from '@cricket/core/input';

import { roles, type Role } from '../shapes';
import { Pin } from './pin';

/** Shortest password that is taken. */
export const shortestPassword = 10;

/** The first person of an empty shop: its owner. */
export class FirstOwner {
  /** @example "Wren" */
  @Text(80) name!: string;
  @Secret(shortestPassword, 200) password!: string;
}

/** A person of the shop: new (version 0), or changed (the version that was read). A secret that is left out stays. */
export class PersonEntry {
  @Text(80) name!: string;
  @OneOf(roles) role!: Role;
  /** False: may no longer sign in; what the person wrote stays. */
  @Flag() active!: boolean;
  @Optional() @Secret(shortestPassword, 200) password?: string;
  @Optional() @Pin() pin?: string;
  @Whole(0, 1_000_000) version!: number;
}

/** One's own secrets, changed; the password in force proves that it is oneself. */
export class OwnSecrets {
  @Secret(1, 200) password!: string;
  @Optional() @Secret(shortestPassword, 200) newPassword?: string;
  @Optional() @Pin() pin?: string;
}
