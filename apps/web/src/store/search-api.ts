import type { Found } from '@grevik/contracts';
import { ALL, api } from './api';

/** Finding a valve whose job one does not know. */
const searchApi = api.injectEndpoints({
  endpoints: (build) => ({
    search: build.query<Found[], string>({
      query: (text) => ({ url: 'search', params: { text } }),
      providesTags: [{ type: 'Jobs', id: ALL }, 'Session'],
    }),
  }),
});

export const { useSearchQuery } = searchApi;
