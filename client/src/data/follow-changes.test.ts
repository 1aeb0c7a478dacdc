import { QueryClient } from '@tanstack/react-query';

import { followChanges, staleBy } from './follow-changes';
import { noteOwnWrite } from './own-writes';

const bikeId = '00000003-0000-4000-8000-000000000001';

class Source extends EventTarget {
  static all: Source[] = [];
  closed = false;
  constructor(readonly url: string) {
    super();
    Source.all.push(this);
  }
  close() {
    this.closed = true;
  }
  say(event: string, data: object | null = null) {
    const said = Object.assign(new Event(event), { data: JSON.stringify(data) });
    this.dispatchEvent(said);
  }
}

let visibility: DocumentVisibilityState = 'visible';
class Page extends EventTarget {
  get visibilityState() {
    return visibility;
  }
}
const page = new Page();

describe('changes that others make', () => {
  const client = new QueryClient();
  const invalidated = jest.spyOn(client, 'invalidateQueries').mockResolvedValue();
  let end: () => void;

  beforeEach(() => {
    Object.assign(globalThis, { EventSource: Source, document: page });
    visibility = 'visible';
    Source.all = [];
    invalidated.mockClear();
    end = followChanges(client);
  });
  afterEach(() => end());

  it('are read anew, and only what they concern', () => {
    Source.all[0]!.say('hello');
    Source.all[0]!.say('change', { subject: `bike:${bikeId}`, writeId: 'theirs' });
    expect(invalidated.mock.calls).toEqual([[{ queryKey: ['bike', bikeId] }], [{ queryKey: ['bikes'] }]]);
  });

  it('are not read anew where they were made', () => {
    noteOwnWrite('mine');
    Source.all[0]!.say('change', { subject: 'stores', writeId: 'mine' });
    expect(invalidated).not.toHaveBeenCalled();
  });

  it('that may have been missed make everything be read anew', () => {
    Source.all[0]!.say('hello');
    expect(invalidated).not.toHaveBeenCalled();
    Source.all[0]!.say('missed');
    // The browser has made the connection anew by itself.
    Source.all[0]!.say('hello');
    expect(invalidated.mock.calls).toEqual([[{ queryKey: [] }], [{ queryKey: [] }]]);
  });

  it('are not listened to while nobody looks, and are caught up with afterwards', () => {
    Source.all[0]!.say('hello');
    visibility = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(Source.all[0]!.closed).toBe(true);
    visibility = 'visible';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(Source.all).toHaveLength(2);
    Source.all[1]!.say('hello');
    expect(invalidated.mock.calls).toEqual([[{ queryKey: [] }]]);
  });

  it('are not heard after the end', () => {
    end();
    expect(Source.all[0]!.closed).toBe(true);
    visibility = 'visible';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(Source.all).toHaveLength(1);
  });
});

describe('what a change makes stale', () => {
  it.each(['wheels', 'stores', 'settings'])('the list of bikes goes by %s too', (subject) => {
    expect(staleBy(subject)).toEqual([[subject], ['bikes']]);
  });
  it('nothing by a subject of a later version', () => {
    expect(staleBy('loom')).toEqual([]);
  });
});
