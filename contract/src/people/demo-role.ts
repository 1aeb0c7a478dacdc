import { OneOf } from '@cricket/core/input';

import { roles, type Role } from '../shapes';

/** As whom a visitor walks about the demo shop. */
export class DemoRole {
  @OneOf(roles) role!: Role;
}
