import { randomUUID } from 'node:crypto';
import sharp from 'sharp';
import { LARGEST_PHOTO, type JobView, type LineView, type PhotoTaken } from '@grevik/contracts';
import { cleanPicture } from './clean-picture.js';
import { type Agent, type TestApp, startTestApp } from '../../testing/test-app.js';

/** The smallest PNG there is: one transparent point. */
const PNG = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

describe('photos of a position', () => {
  let test: TestApp;
  let owner: Agent;
  let lineId: string;
  let positionId: string;

  beforeAll(async () => {
    test = await startTestApp();
    owner = await test.demo('apprentice');
    const [job] = (await owner.get('/api/jobs')).body as [JobView];
    lineId = job.lines[0]!.id;
    positionId = ((await owner.get(`/api/lines/${lineId}`)).body as LineView).positions[0]!.id;
  });
  afterAll(() => test.close());

  const send = (content: Buffer, id = randomUUID(), type = 'image/jpeg') =>
    owner.put(`/api/positions/${positionId}/photos/${id}`).set('content-type', type).send(content);

  it('are kept as what they are, whatever they were called, and stored once', async () => {
    const id = randomUUID();
    await send(PNG, id).expect(200);
    await send(PNG, id).expect(200);
    const { body, headers } = await owner.get(`/api/positions/${positionId}/photos/${id}`).expect(200);
    expect(headers['content-type']).toBe('image/png');
    expect(PNG.equals(body as Buffer)).toBe(true);
    const line = (await owner.get(`/api/lines/${lineId}`)).body as LineView;
    expect(line.positions[0]!.photos).toEqual([id]);
  });

  it('say what they show and when the device took them; not ahead of the clock', async () => {
    const id = randomUUID();
    const put = (query: object, photo = id) =>
      owner
        .put(`/api/positions/${positionId}/photos/${photo}`)
        .query(query)
        .set('content-type', 'image/png')
        .send(PNG);
    await put({ shows: 'after', takenAt: '2026-11-20T08:30:00.000Z' }).expect(200);
    const { body } = await owner.get(`/api/positions/${positionId}/photos`).expect(200);
    expect((body as PhotoTaken[]).find((one) => one.id === id)).toMatchObject({
      takenAt: '2026-11-20T08:30:00.000Z',
      shows: 'after',
    });
    for (const odd of [{ takenAt: '2199-01-01T00:00:00Z' }, { takenAt: 'today' }, { shows: 'during' }])
      await put(odd, randomUUID()).expect(400);
  });

  it('are never changed: another picture under the same id is refused', async () => {
    const id = randomUUID();
    await send(PNG, id).expect(200);
    await send(Buffer.concat([PNG, Buffer.from([0])]), id).expect(409);
  });

  it.each([
    ['a text that says it is one', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')],
    ['nothing', Buffer.alloc(0)],
  ])('refuses %s', async (_what, content) => {
    const { body } = await send(content).expect(400);
    expect(body).toMatchObject({ error: { code: 'invalid-input', field: 'photo' } });
  });

  it('refuses what is larger than eight megabytes', async () => {
    await send(Buffer.concat([PNG, Buffer.alloc(LARGEST_PHOTO)])).expect(413);
  });

  it('are decoded and written anew: nothing but the pixels is kept', async () => {
    const id = randomUUID();
    const place = { exif: { IFD3: { GPSLatitude: '54/1 29/1 0/1', GPSLongitude: '9/1 3/1 0/1' } } };
    const taken = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#1d2b45' } })
      .withExif(place.exif)
      .jpeg()
      .toBuffer();
    expect((await sharp(taken).metadata()).exif).toBeInstanceOf(Buffer);
    await send(Buffer.concat([taken, Buffer.from('<script>trailing</script>')]), id).expect(200);
    const { body } = await owner.get(`/api/positions/${positionId}/photos/${id}`).expect(200);
    expect((await sharp(body as Buffer).metadata()).exif).toBeUndefined();
    expect((body as Buffer).includes('trailing')).toBe(false);
    expect(await sharp(body as Buffer).metadata()).toMatchObject({ format: 'jpeg', width: 40, height: 30 });
    // Written by us, it is bare, and stays as it is.
    expect((await cleanPicture(body as Buffer)).content.equals(body as Buffer)).toBe(true);
  });

  it('refuse a file that begins like a picture, and one that unpacks to too many pixels', async () => {
    await send(PNG.subarray(0, 50)).expect(400);
    const large = await sharp({
      create: { width: 9_000, height: 9_000, channels: 3, background: '#fff' },
    })
      .png()
      .toBuffer();
    expect(large.length).toBeLessThan(LARGEST_PHOTO);
    await send(large).expect(400);
  });

  it('are served under their own position alone, and kept by no cache', async () => {
    const id = randomUUID();
    await send(PNG, id).expect(200);
    const own = await owner.get(`/api/positions/${positionId}/photos/${id}`).expect(200);
    expect(own.headers['cache-control']).toBe('private, no-store');
    const other = ((await owner.get(`/api/lines/${lineId}`)).body as LineView).positions[1]!.id;
    await owner.get(`/api/positions/${other}/photos/${id}`).expect(404);
  });

  it('are not shown to another company', async () => {
    const id = randomUUID();
    await send(PNG, id).expect(200);
    await (await test.owner()).get(`/api/positions/${positionId}/photos/${id}`).expect(404);
  });
});
