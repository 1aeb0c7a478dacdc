import * as shapes from '@cricket/contract';
import { defaultMetadataStorage } from 'class-transformer/cjs/storage.js';
import { validationMetadatasToSchemas } from 'class-validator-jsonschema';

type Write = readonly [method: 'put' | 'patch', path: string, body: string, summary: string];

const writes: readonly Write[] = [
  ['put', '/api/bikes/{bikeId}', 'NewBike', 'Bring a bike in'],
  ['patch', '/api/bikes/{bikeId}', 'BikeChange', "Change a bike's own facts"],
  ['put', '/api/bikes/{bikeId}/withdrawal', 'Withdrawal', 'Take a bike out of the shop'],
  ['put', '/api/bikes/{bikeId}/readings/{readingId}', 'NewReading', 'Keep a reading'],
  ['put', '/api/bikes/{bikeId}/readings/{readingId}/withdrawal', 'Withdrawal', 'Withdraw a reading'],
  ['put', '/api/bikes/{bikeId}/choices/{choiceId}', 'NewChoice', 'Choose an end or a wheel'],
  ['put', '/api/bikes/{bikeId}/stacks/{stackId}', 'NewStack', 'Accept a stack'],
  ['put', '/api/bikes/{bikeId}/events/{eventId}', 'NewJobEvent', 'Add what happened to a job'],
  ['put', '/api/bikes/{bikeId}/events/{eventId}/withdrawal', 'Withdrawal', 'Withdraw what was said to have happened'],
  ['put', '/api/bikes/{bikeId}/photos/{photoId}', 'NewPhoto', 'Add a photo'],
  ['put', '/api/bikes/{bikeId}/photos/{photoId}/withdrawal', 'Withdrawal', 'Withdraw a photo'],
  ['put', '/api/people/{personId}', 'PersonEntry', 'Add or change a person'],
  ['put', '/api/session/secrets', 'OwnSecrets', "Change one's own password or PIN"],
  ['put', '/api/wheels/{wheelId}', 'WheelEntry', 'Add or change a motor wheel'],
  ['put', '/api/stores/{itemId}', 'StoreItemEntry', 'Add or change a line of the stores'],
  ['put', '/api/stores/{itemId}/withdrawal', 'Withdrawal', 'Take a line out of the stores'],
];

const reads: readonly (readonly [path: string, summary: string])[] = [
  ['/api/shop', 'Which shop this is'],
  ['/api/bikes', 'Bikes in the shop, each with its next action'],
  ['/api/bikes/{bikeId}', 'Everything known of one bike'],
  ['/api/bikes/{bikeId}/journal', 'Everything that was written about one bike'],
  ['/api/wheels', 'The catalogue of motor wheels'],
  ['/api/stores', 'What is on hand'],
];

/** The API described, generated from the DTO classes that validate it. */
export function openApi(): object {
  const schemas = validationMetadatasToSchemas({
    classTransformerMetadataStorage: defaultMetadataStorage,
    refPointerPrefix: '#/components/schemas/',
  });
  const paths: Record<string, Record<string, object>> = {};
  for (const [path, summary] of reads) paths[path] = { get: operation(path, summary) };
  for (const [method, path, body, summary] of writes) {
    if (!(body in shapes)) throw new Error(`openapi: no shape ${body}`);
    paths[path] = {
      ...paths[path],
      [method]: {
        ...operation(path, summary),
        requestBody: {
          required: true,
          content: { 'application/json': { schema: { $ref: `#/components/schemas/${body}` } } },
        },
      },
    };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Cricket', version: '0.1.0' },
    paths,
    components: { schemas },
  };
}

function operation(path: string, summary: string): object {
  const parameters = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => ({
    name,
    in: 'path',
    required: true,
    schema: { type: 'string', format: 'uuid' },
  }));
  return { summary, parameters, responses: { default: { description: 'JSON, or application/problem+json' } } };
}
