import type {
  AskPricesRequest,
  ChangeOrderLineRequest,
  NewOrderLine,
  OrderSheetPreview,
  OrderStateRequest,
  OrdersView,
  PlaceOrderLinesRequest,
  SheetLineChange,
  SupplierView,
} from '@grevik/contracts';
import { api } from './api';

const frozen = (orders: OrdersView): OrdersView => Object.freeze(orders);

interface OfJob {
  jobId: string;
}

/** Orders of a job: every change answers with all of them, as they are then. */
const ordersApi = api.injectEndpoints({
  endpoints: (build) => ({
    orders: build.query<OrdersView, string>({
      query: (jobId) => `jobs/${jobId}/orders`,
      // Thousands of lines: frozen here, the store does not walk through them to freeze or to compare them.
      transformResponse: frozen,
      structuralSharing: false,
      providesTags: (_orders, _error, id) => [{ type: 'Orders', id }],
    }),
    suppliers: build.query<SupplierView[], void>({ query: () => 'price-desk' }),
    addOrderLines: build.mutation<OrdersView, OfJob & { lines: NewOrderLine[] }>({
      query: ({ jobId, lines }) => ({ url: `jobs/${jobId}/orders/lines`, method: 'POST', body: { lines } }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    removeOrderLines: build.mutation<OrdersView, OfJob & { ids: string[] }>({
      query: ({ jobId, ids }) => ({ url: `jobs/${jobId}/orders/lines`, method: 'DELETE', body: { ids } }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    changeOrderLine: build.mutation<OrdersView, OfJob & ChangeOrderLineRequest & { id: string }>({
      query: ({ jobId: _jobId, id, ...body }) => ({ url: `order-lines/${id}`, method: 'PUT', body }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    placeOrderLines: build.mutation<OrdersView, OfJob & PlaceOrderLinesRequest>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/orders/places`, method: 'PUT', body }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    setOrderState: build.mutation<OrdersView, OfJob & OrderStateRequest & { id: string }>({
      query: ({ jobId: _jobId, id, ...body }) => ({ url: `orders/${id}/state`, method: 'PUT', body }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    askPrices: build.mutation<OrdersView, OfJob & AskPricesRequest>({
      query: ({ jobId, ...body }) => ({ url: `jobs/${jobId}/orders/quotations`, method: 'POST', body }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
    previewSheet: build.mutation<OrderSheetPreview, OfJob & { file: Blob }>({
      query: ({ jobId, file }) => ({
        url: `jobs/${jobId}/orders/sheet/preview`,
        method: 'POST',
        body: file,
        headers: { 'content-type': 'application/octet-stream' },
      }),
    }),
    takeSheet: build.mutation<OrdersView, OfJob & { changes: SheetLineChange[] }>({
      query: ({ jobId, changes }) => ({
        url: `jobs/${jobId}/orders/sheet`,
        method: 'PUT',
        body: { changes },
      }),
      transformResponse: frozen,
      onQueryStarted: keepOrders,
    }),
  }),
});

interface Started {
  dispatch: (action: never) => unknown;
  queryFulfilled: Promise<{ data: OrdersView }>;
}

/** Shows the orders as the change left them; after a refusal they are read again, since somebody else changed them. */
async function keepOrders({ jobId }: OfJob, { dispatch, queryFulfilled }: Started): Promise<void> {
  try {
    const { data } = await queryFulfilled;
    dispatch(ordersApi.util.upsertQueryData('orders', jobId, data) as never);
  } catch {
    dispatch(api.util.invalidateTags(['Orders']) as never);
  }
}

export const {
  useOrdersQuery,
  useSuppliersQuery,
  useAddOrderLinesMutation,
  useRemoveOrderLinesMutation,
  useChangeOrderLineMutation,
  usePlaceOrderLinesMutation,
  useSetOrderStateMutation,
  useAskPricesMutation,
  usePreviewSheetMutation,
  useTakeSheetMutation,
} = ordersApi;
