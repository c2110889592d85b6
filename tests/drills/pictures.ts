import { crc32, deflateSync } from 'node:zlib';

const chunk = (type: string, data: Buffer): Buffer => {
  const body = Buffer.concat([Buffer.from(type, 'latin1'), data]);
  const [length, sum] = [Buffer.alloc(4), Buffer.alloc(4)];
  length.writeUInt32BE(data.length);
  sum.writeUInt32BE(crc32(body));
  return Buffer.concat([length, body, sum]);
};

/** A PNG of 8-bit red, green and blue that claims so many points, with whatever data it is given. */
export function png(width: number, height: number, data: Buffer, { bits = 8, colour = 2, interlaced = false } = {}, ...more: [string, Buffer][]): Buffer {
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([bits, colour, 0, 0, interlaced ? 1 : 0], 8);
  return Buffer.concat([Buffer.from('89504e470d0a1a0a', 'hex'), chunk('IHDR', head), ...more.map(([t, d]) => chunk(t, d)), chunk('IDAT', data), chunk('IEND', Buffer.alloc(0))]);
}

/** All of one colour: large to unpack, small to send. */
export const plain = (width: number, height: number, bytesPerPoint = 3): Buffer => deflateSync(Buffer.alloc(height * (width * bytesPerPoint + 1)), { level: 9 });
