import { expect, test } from '@playwright/test';
import { randomBytes } from 'node:crypto';
import { readdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { deflateSync } from 'node:zlib';
import { memory, send, tell, withGarden } from './drill';
import { plain, png } from './pictures';

const start = (words: string, length = 4000) => Buffer.concat([Buffer.from(words, 'latin1'), Buffer.alloc(length)]);

/** Claims other measures in the frame header of a JPEG. */
function claiming(jpeg: Buffer, width: number, height: number): Buffer {
  const made = Buffer.from(jpeg);
  for (let i = 2; i < made.length - 9; ) {
    if (made[i] === 0xff && made[i + 1] >= 0xc0 && made[i + 1] <= 0xc2) {
      made.writeUInt16BE(height, i + 5);
      made.writeUInt16BE(width, i + 7);
      break;
    }
    i += 2 + made.readUInt16BE(i + 2);
  }
  return made;
}

test('thirty pictures made to hurt cost no memory, leave no file, and each is told what is wrong with it', async () => {
  await withGarden(async (server) => {
    const post = (body: Buffer, thing = 2) => send(`${server.url}/api/things/${thing}/photos`, 'POST', body, { 'content-type': 'image/png', 'X-Metaplant': '1' });
    const base = memory(server);
    // A real picture first, for its JPEG.
    const noise = Buffer.concat(Array.from({ length: 900 }, () => Buffer.concat([Buffer.alloc(1), randomBytes(3600)])));
    const first = await post(png(1200, 900, deflateSync(noise)), 1);
    expect(first.status).toBe(201);
    const { id } = JSON.parse(first.text) as { id: number };
    const jpeg = Buffer.from(await (await fetch(`${server.url}/api/photos/${id}`)).arrayBuffer());
    const webp = (w: number, h: number) => Buffer.concat([Buffer.from('RIFF'), Buffer.from([0, 16, 0, 0]), Buffer.from('WEBPVP8X'), Buffer.from([10, 0, 0, 0, 0, 0, 0, 0]), Buffer.from([(w - 1) & 255, (w - 1) >> 8, 0, (h - 1) & 255, (h - 1) >> 8, 0]), Buffer.alloc(4000)]);
    const hurts: [string, Buffer, number?][] = [
      ['75 bytes that claim 10 900 x 10 900', png(10900, 10900, deflateSync(Buffer.alloc(1)))],
      ['claims 2 147 483 647 x 1', png(2147483647, 1, deflateSync(Buffer.alloc(1)))],
      ['claims 65 535 x 65 535', png(65535, 65535, deflateSync(Buffer.alloc(1)))],
      ['claims nothing by nothing', png(0, 0, deflateSync(Buffer.alloc(1)))],
      ['forty million and one points', png(40000001, 1, plain(40000001, 1))],
      ['6300 x 6300, all there', png(6300, 6300, plain(6300, 6300)), 201],
      ['6300 x 6300, clear', png(6300, 6300, plain(6300, 6300, 4), { colour: 6 })],
      ['4000 x 4000, clear', png(4000, 4000, plain(4000, 4000, 4), { colour: 6 }), 201],
      ['6300 x 6300, interlaced', png(6300, 6300, plain(6300, 6400), { interlaced: true })],
      ['6300 x 6300, 16 bits', png(6300, 6300, plain(6300, 6300, 6), { bits: 16 }), 201],
      ['39 000 x 1000', png(39000, 1000, plain(39000, 1000)), 201],
      ['1 x 30 000', png(1, 30000, plain(1, 30000)), 201],
      ['half of its data', png(3000, 3000, plain(3000, 1500))],
      ['data that unpacks to 900 MB', png(3000, 3000, deflateSync(Buffer.alloc(200_000_000), { level: 9 })), 201],
      ['a note of 9 MB', png(20, 20, plain(20, 20), {}, ['tEXt', Buffer.concat([Buffer.from('Comment\0'), Buffer.alloc(9_000_000, 65)])]), 201],
      ['a packed note of 400 MB', png(20, 20, plain(20, 20), {}, ['zTXt', Buffer.concat([Buffer.from('Comment\0\0'), deflateSync(Buffer.alloc(400_000_000, 65), { level: 9 })])]), 201],
      ['a colour profile that is none', png(20, 20, plain(20, 20), {}, ['iCCP', Buffer.concat([Buffer.from('x\0\0'), deflateSync(randomBytes(100000))])]), 201],
      ['half a JPEG', jpeg.subarray(0, jpeg.length >> 1)],
      ['a JPEG without its end', jpeg.subarray(0, jpeg.length - 2000)],
      ['the head of a JPEG', jpeg.subarray(0, 600)],
      ['a JPEG that claims 65 500 x 65 500', claiming(jpeg, 65500, 65500)],
      ['a JPEG that claims 6000 x 6000', claiming(jpeg, 6000, 6000), 201],
      ['WebP of 16 383 x 16 383', webp(16383, 16383)],
      ['HEIC', start('\0\0\0\x18ftypheic')],
      ['GIF', start('GIF89a\x10\x27\x10\x27')],
      ['TIFF', start('II*\0')],
      ['BMP of 30 000 x 30 000', Buffer.concat([Buffer.from('BM'), Buffer.alloc(16), Buffer.from([0x30, 0x75, 0, 0, 0x30, 0x75, 0, 0, 1, 0, 24, 0]), Buffer.alloc(100)])],
      ['a page with a script', start('<!doctype html><script>alert(1)</script>')],
      ['a drawing with a script', start('<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 0)],
      ['nothing', Buffer.alloc(0)],
    ];
    expect(hurts.length).toBe(30);
    const wrong: string[] = [];
    // Some at once: one is decoded at a time whatever comes.
    const answers = await Promise.all(hurts.map(([, body], i) => post(body, 2 + (i % 20))));
    answers.forEach((answer, i) => {
      const [what, , expected] = hurts[i];
      if (answer.status >= 500 || answer.status === 0 || (expected === 201 ? ![201, 400].includes(answer.status) : answer.status !== 400)) wrong.push(`${what}: ${answer.status} ${answer.text.slice(0, 200)}`);
    });
    expect(wrong).toEqual([]);
    const sentence = (what: string) => answers[hurts.findIndex(([w]) => w === what)].text;
    expect(sentence('HEIC')).toContain('most compatible');
    expect(sentence('GIF')).toContain('still picture');
    expect(sentence('half a JPEG')).toContain('only half there');
    expect(sentence('75 bytes that claim 10 900 x 10 900')).toContain('40 million');
    const files = readdirSync(join(server.folder, 'photos'));
    expect(files.filter((f) => f.includes('partial') || statSync(join(server.folder, 'photos', f)).size === 0)).toEqual([]);
    expect(files.length).toBe(2 * (1 + answers.filter((a) => a.status === 201).length));
    const after = memory(server);
    tell('pictures made to hurt', { pictures: hurts.length, taken: answers.filter((a) => a.status === 201).length, 'memory before, MB': base.now, 'at most, MB': after.most });
    // What the pictures cost, and not what a server takes before it has seen one, which another machine makes otherwise: 160 MB is the greatest that is taken, unpacked, and the rest what it is packed in and scaled to.
    expect(after.most - base.now).toBeLessThan(260);
  });
});
