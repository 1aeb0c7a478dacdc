import { IsBoolean, IsIn, IsInt, IsString, Length, Matches, Min } from 'class-validator';

import { MayBeLeftOut } from '../may-be-left-out';
import { NotBlank } from '../not-blank';

import { roles, type Role } from '../shapes';

/** Shortest password that is taken. */
export const shortestPassword = 10;

/** The first person of an empty shop: its owner. */
export class FirstOwner {
  /** @example "Wren" */
  @IsString()
  @Length(1, 80)
  @NotBlank()
  name!: string;

  @IsString()
  @Length(shortestPassword, 200)
  password!: string;
}

/** A person of the shop: new (version 0), or changed (the version that was read). A secret that is left out stays. */
export class PersonEntry {
  @IsString()
  @Length(1, 80)
  @NotBlank()
  name!: string;

  @IsIn(roles)
  role!: Role;

  /** False: may no longer sign in; what the person wrote stays. */
  @IsBoolean()
  active!: boolean;

  @MayBeLeftOut()
  @IsString()
  @Length(shortestPassword, 200)
  password?: string;

  @MayBeLeftOut()
  @IsString()
  @Matches(/^\d{4,8}$/, { message: 'pin must be 4 to 8 digits' })
  pin?: string;

  @IsInt()
  @Min(0)
  version!: number;
}

/** One's own secrets, changed; the password in force proves that it is oneself. */
export class OwnSecrets {
  @IsString()
  @Length(1, 200)
  password!: string;

  @MayBeLeftOut()
  @IsString()
  @Length(shortestPassword, 200)
  newPassword?: string;

  @MayBeLeftOut()
  @IsString()
  @Matches(/^\d{4,8}$/, { message: 'pin must be 4 to 8 digits' })
  pin?: string;
}
