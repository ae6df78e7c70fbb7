import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { Refusal } from '../../ground/errors/refusal.js';
import type { DevicesService } from './devices.service.js';
import { setDevice } from './reporting-device.js';

const REPORTS = /^\/api\/devices\/(samples|levels)\/?$/;
const BEARER = /^Bearer ([\w-]{16,200})$/;

/** Finds out which device reports, before anything of its body is read: without a key that is known nothing of it is. */
export function findDevice(devices: DevicesService): RequestHandler {
  return (request: Request, _response: Response, next: NextFunction) => {
    if (request.method !== 'POST' || !REPORTS.test(request.path)) return next();
    const key = BEARER.exec(request.get('authorization') ?? '')?.[1];
    devices.ofKey(key, request.ip ?? '').then((device) => {
      if (!device) return next(noKey());
      setDevice(request, device);
      next();
    }, next);
  };
}

const noKey = (): Refusal =>
  new Refusal(401, {
    code: 'signed-out',
    field: 'authorization',
    message:
      'This key belongs to no device: send the key from the company’s page of devices as “Authorization: Bearer KEY”.',
  });
