import type {
  AddModelRequest,
  CatalogueListPreview,
  CatalogueListRequest,
  ChangeModelRequest,
  ModelView,
  PickManyRequest,
  PositionView,
  RetireModelRequest,
} from '@grevik/contracts';
import { api } from './api';

/** The catalogue as it is kept, and one pick for many positions. */
const catalogueApi = api.injectEndpoints({
  endpoints: (build) => ({
    addModel: build.mutation<ModelView, AddModelRequest>({
      query: (body) => ({ url: 'catalogue', method: 'POST', body }),
      invalidatesTags: ['Catalogue'],
    }),
    changeModel: build.mutation<ModelView, ChangeModelRequest & { id: string }>({
      query: ({ id, ...body }) => ({ url: `catalogue/${id}`, method: 'PUT', body }),
      invalidatesTags: ['Catalogue'],
    }),
    retireModel: build.mutation<ModelView, RetireModelRequest & { id: string }>({
      query: ({ id, ...body }) => ({ url: `catalogue/${id}/retired`, method: 'PUT', body }),
      invalidatesTags: ['Catalogue'],
    }),
    previewModels: build.mutation<CatalogueListPreview, CatalogueListRequest>({
      query: (body) => ({ url: 'catalogue/list/preview', method: 'POST', body }),
    }),
    pickMany: build.mutation<PositionView[], PickManyRequest & { jobId: string }>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/picks`, method: 'PUT', body }),
      invalidatesTags: ['Jobs', 'Line', 'History', 'Mine'],
    }),
  }),
});

export const {
  useAddModelMutation,
  useChangeModelMutation,
  useRetireModelMutation,
  usePreviewModelsMutation,
  usePickManyMutation,
} = catalogueApi;
