import type { DeviceKind } from '@grevik/contracts';

/** A device that reports. */
export interface ReportingDevice {
  id: string;
  kind: DeviceKind;
  companyId: string;
}

const reporting = new WeakMap<object, ReportingDevice>();

/** Notes which device sent a request. */
export function setDevice(request: object, device: ReportingDevice): void {
  reporting.set(request, device);
}

/** The device that sent a request. Throws where none did: such a request is refused before it comes here. */
export function reportingDevice(request: object): ReportingDevice {
  const device = reporting.get(request);
  if (!device) throw new Error('a report came in without a device');
  return device;
}
