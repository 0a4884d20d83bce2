import type { Delivery, DeliveryAsked } from '@/api/types'

/** A header of a call; the value of one that is kept is shown to nobody, and stays where nothing is typed. */
export interface Header {
  name: string
  value: string
  kept?: boolean
}

/** What a sheet holds of a delivery: flat, as it is typed. */
export interface Typed {
  name: string
  kind: 'folder' | 'bucket'
  folder: string
  bucket: string
  prefix: string
  endpoint: string
  region: string
  pathStyle: boolean
  redirects: boolean
  keyId: string
  keySecret: string
  layout: 'AT_ADDRESSES' | 'BY_HASH'
  address: string
  server: string
  call: string
  method: string
  headers: Header[]
}

const NEW: Typed = {
  name: '',
  kind: 'folder',
  folder: '',
  bucket: '',
  prefix: '',
  endpoint: '',
  region: '',
  pathStyle: false,
  redirects: false,
  keyId: '',
  keySecret: '',
  layout: 'AT_ADDRESSES',
  address: '',
  server: '',
  call: '',
  method: 'POST',
  headers: [],
}

/** A delivery as it is typed; keys that are kept are shown to nobody. */
export function typed(delivery?: Delivery): Typed {
  if (!delivery) return { ...NEW, headers: [] }
  const { folder, bucket, layout, address, server, call } = delivery.goes
  return {
    ...NEW,
    name: delivery.name,
    kind: folder ? 'folder' : 'bucket',
    folder,
    bucket: bucket.name,
    prefix: bucket.prefix,
    endpoint: bucket.endpoint,
    region: bucket.region,
    pathStyle: bucket.pathStyle,
    redirects: bucket.redirects,
    layout,
    address,
    server,
    call: call.address,
    method: call.method || 'POST',
    headers: call.headers.map((name) => ({ name, value: '', kept: true })),
  }
}

/** The same as the server is asked. */
export function asked(t: Typed): DeliveryAsked {
  const folder = t.kind === 'folder'
  const headers = t.headers.map((h) => ({ ...h, name: h.name.trim() })).filter((h) => t.call && h.name)
  return {
    name: t.name,
    goes: {
      folder: folder ? t.folder : '',
      bucket: {
        endpoint: folder ? '' : t.endpoint,
        region: folder ? '' : t.region,
        name: folder ? '' : t.bucket,
        prefix: folder ? '' : t.prefix,
        pathStyle: t.pathStyle,
        redirects: t.redirects,
      },
      layout: t.layout,
      address: t.address,
      server: t.server,
      call: { address: t.call, method: t.method, headers: headers.map((h) => h.name) },
    },
    keyId: folder ? undefined : t.keyId,
    keySecret: folder ? undefined : t.keySecret,
    headers: Object.fromEntries(headers.map((h) => [h.name, h.value])),
  }
}
