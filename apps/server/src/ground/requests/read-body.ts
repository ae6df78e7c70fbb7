import type { NextFunction, Request, Response } from 'express';
import { Refusal } from '../errors/refusal.js';
import { actingIn } from '../sessions/acting.js';
import { bodyRule } from './body-rules.js';
import { parseJson } from './parse-json.js';

/** After so many bytes of one body everybody else has a turn. */
const TURN_BYTES = 64 * 1024;

const JSON_TYPE = /^application\/(?:[\w.+-]+\+)?json\b/i;

/**
 * Reads the body of a request, once it is known who sent it: as much as its path may take, and no more. What is announced to be larger is
 * refused unread.
 */
export async function readBody(request: Request, _response: Response, next: NextFunction): Promise<void> {
  const { method, headers } = request;
  const isEmpty = headers['content-length'] === undefined && headers['transfer-encoding'] === undefined;
  if (isEmpty || method === 'GET' || method === 'HEAD' || method === 'OPTIONS') return next();
  const rule = bodyRule(request.path, actingIn(request) !== undefined);
  const isJson = JSON_TYPE.test(headers['content-type'] ?? '');
  if (!rule || (rule.as === 'json' && !isJson)) return next();
  try {
    if (headers['content-encoding'] !== undefined && headers['content-encoding'] !== 'identity')
      throw new Refusal(415, {
        code: 'invalid-input',
        field: 'content-encoding',
        message: `The request is ${headers['content-encoding']}: send it uncompressed.`,
      });
    const body = await collect(request, rule.mostBytes);
    if (body.length > 0) request.body = rule.as === 'json' ? parseJson(body, rule.mostValues) : body;
    next();
  } catch (error) {
    next(error);
  }
}

/** The bytes of a request, kept in one piece from the start where their number is announced. */
function collect(request: Request, most: number): Promise<Buffer> {
  const announced = Number(request.headers['content-length'] ?? Number.NaN);
  if (announced > most) return Promise.reject(tooLarge(most));
  const whole = Number.isNaN(announced) ? undefined : Buffer.allocUnsafeSlow(announced);
  const pieces: Buffer[] = [];
  let length = 0;
  return new Promise((resolve, reject) => {
    request.on('data', (piece: Buffer) => {
      if (length + piece.length > most) {
        request.pause();
        reject(tooLarge(most));
        return;
      }
      if (whole) piece.copy(whole, length);
      else pieces.push(piece);
      if (Math.floor(length / TURN_BYTES) < Math.floor((length + piece.length) / TURN_BYTES)) {
        request.pause();
        setImmediate(() => request.resume());
      }
      length += piece.length;
    });
    request.once('end', () => resolve(whole ?? Buffer.concat(pieces)));
    request.once('close', () => reject(brokenOff()));
    request.once('error', () => reject(brokenOff()));
  });
}

const tooLarge = (most: number): Refusal =>
  new Refusal(413, {
    code: 'too-large',
    message: `The request is too large: at most ${most} bytes are read here. Send it in parts.`,
  });

const brokenOff = (): Refusal =>
  new Refusal(400, {
    code: 'invalid-input',
    message: 'The request was interrupted. Send it again.',
  });
