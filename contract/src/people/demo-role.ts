import { IsIn } from 'class-validator';

import { roles, type Role } from '../shapes';

/** As whom a visitor walks about the demo shop. */
export class DemoRole {
  @IsIn(roles)
  role!: Role;
}
