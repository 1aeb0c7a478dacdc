import type { Role } from '@cricket/contract/shapes';
import type { Language } from '@cricket/core/said';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** Somebody of the shop. Secrets are kept as argon2 hashes only. */
@Entity('person')
@Index('person_by_name', ['nameKey'], { unique: true })
export class PersonEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'text' })
  name!: string;

  /** The name as it is looked up: without case and outer blanks. */
  @Column({ type: 'text', name: 'name_key' })
  nameKey!: string;

  @Column({ type: 'text' })
  role!: Role;

  @Column({ type: 'boolean' })
  active!: boolean;

  @Column({ type: 'text', name: 'password_hash', nullable: true })
  passwordHash!: string | null;

  @Column({ type: 'text', name: 'pin_hash', nullable: true })
  pinHash!: string | null;

  /** In which the person is spoken to. */
  @Column({ type: 'text', default: 'en' })
  language!: Language;

  @Column({ type: 'integer' })
  version!: number;
}
