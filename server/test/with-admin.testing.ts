import { Client } from 'pg';

/** Does something that is done to databases from outside. */
export async function withAdmin(adminUrl: string, work: (client: Client) => Promise<unknown>): Promise<void> {
  const client = new Client({ connectionString: adminUrl });
  await client.connect();
  try {
    await work(client);
  } finally {
    await client.end();
  }
}
