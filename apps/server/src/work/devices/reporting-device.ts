/** A device that reports. */
export interface ReportingDevice {
  id: string;
  companyId: string;
}

const reporting = new WeakMap<object, ReportingDevice>();

/** Notes which device sent a request. */
export function setDevice(request: object, device: ReportingDevice): void {
  reporting.set(request, device);
}

/** The device that sent a request; undefined where none did. */
export const deviceIn = (request: object): ReportingDevice | undefined => reporting.get(request);
