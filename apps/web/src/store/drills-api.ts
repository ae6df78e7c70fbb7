import type { DrillPersonView, DrillRecordView, DrillSendRequest, SentDrillView } from '@grevik/contracts';
import { ALL, api } from './api';

/** Drills: one’s own record, who is ready for what, and what was sent. */
const drillsApi = api.injectEndpoints({
  endpoints: (build) => ({
    drillRecord: build.query<DrillRecordView, void>({
      query: () => 'drills/record',
      providesTags: [{ type: 'Drills', id: ALL }, 'Session'],
    }),
    drillPerson: build.query<DrillRecordView, string>({
      query: (id) => `drills/people/${id}`,
      providesTags: [{ type: 'Drills', id: ALL }, 'Session'],
    }),
    drillPeople: build.query<DrillPersonView[], void>({
      query: () => 'drills/people',
      providesTags: [{ type: 'Drills', id: ALL }, 'Session'],
    }),
    sentDrills: build.query<SentDrillView[], void>({
      query: () => 'drills/sent',
      providesTags: [{ type: 'Drills', id: ALL }, 'Session'],
    }),
    sendDrill: build.mutation<SentDrillView, DrillSendRequest>({
      query: (body) => ({ url: 'drills/sent', method: 'POST', body }),
      invalidatesTags: ['Drills'],
    }),
  }),
});

export const {
  useDrillRecordQuery,
  useDrillPersonQuery,
  useDrillPeopleQuery,
  useSentDrillsQuery,
  useSendDrillMutation,
} = drillsApi;
