import type { DeviceRequest, DeviceView, NewDeviceView } from '@grevik/contracts';
import { ALL, api } from './api';

/** Loggers, counters and recorders of the company. */
const devicesApi = api.injectEndpoints({
  endpoints: (build) => ({
    devices: build.query<DeviceView[], void>({
      query: () => 'devices',
      providesTags: ['Session', { type: 'Devices', id: ALL }],
    }),
    addDevice: build.mutation<NewDeviceView, DeviceRequest>({
      query: (body) => ({ url: 'devices', method: 'POST', body }),
      invalidatesTags: ['Devices'],
    }),
    newDeviceKey: build.mutation<NewDeviceView, string>({
      query: (id) => ({ url: `devices/${id}/key`, method: 'POST' }),
      invalidatesTags: ['Devices'],
    }),
    removeDevice: build.mutation<undefined, string>({
      query: (id) => ({ url: `devices/${id}`, method: 'DELETE' }),
      invalidatesTags: ['Devices'],
    }),
  }),
});

export const { useDevicesQuery, useAddDeviceMutation, useNewDeviceKeyMutation, useRemoveDeviceMutation } =
  devicesApi;
