import { answer } from './answer'
import type { Question, Reply } from './protocol'

const send = (reply: Reply): void => self.postMessage(reply)

self.addEventListener('message', async ({ data }: MessageEvent<Question>) => {
  try {
    await answer(data, send)
  } catch (error) {
    send({
      kind: 'failed',
      request: data.request,
      message: error instanceof Error ? error.message : String(error)
    })
  }
})
