import { said } from '@cricket/core/said';
import { NewChoice, whyNoChoice } from '@cricket/contract';
import type { Choice } from '@cricket/contract/shapes';
import { IsNull, Not, type DataSource } from 'typeorm';

import { ChoiceEntity } from '../data/entities/choice';
import { WheelEntity } from '../data/entities/wheel';
import { facts } from './facts';
import { ProblemError } from '../problem/problem';
import { madeAt } from './write-context';

/** Choices of a bike: appended, the latest of a kind holds. */
export const choices = (dataSource: DataSource) =>
  facts<NewChoice, Choice>(dataSource, {
    kind: 'choice',
    entity: ChoiceEntity,
    body: NewChoice,
    together: whyNoChoice,
    action: ({ kind }) => `choice-${kind}`,
    byItself: ({ kind }) => kind !== 'wheel',
    columns: async ({ place, kind, wheelId, chosenAt }, { c, manager }) => {
      const wheel = kind === 'wheel' ? (wheelId ?? null) : null;
      if (wheel && !(await manager.existsBy(WheelEntity, { id: wheel, spec: Not(IsNull()) }))) {
        throw new ProblemError(422, 'invalid-input', said('problem.no-such-wheel'), [
          { path: 'wheelId', messages: [said('problem.not-in-catalogue', { id: wheel })] },
        ]);
      }
      return { place, kind, wheelId: wheel, chosenAt: madeAt(c, chosenAt) };
    },
  });
