<script setup lang="ts">
import { ref } from 'vue'
import { answer, api, proof } from '@/shared/api/client'
import { useLoad } from '@/shared/api/useLoad'

/** Photographs of a sample, roasted or green: taken with the tablet's camera, or chosen. */
const props = defineProps<{ of: 'roasts' | 'green-samples'; id: number }>()
const params = { params: { path: { id: props.id } } }
const photos = useLoad(() =>
  answer(
    props.of === 'roasts'
      ? api.GET('/api/roasts/{id}/photos', params)
      : api.GET('/api/green-samples/{id}/photos', params),
  ),
)
const problem = ref('')
const sending = ref(false)

async function add(event: Event) {
  const input = event.target as HTMLInputElement
  sending.value = true
  problem.value = ''
  for (const file of input.files ?? []) {
    try {
      const response = await fetch(`/api/${props.of}/${props.id}/photos`, {
        method: 'POST',
        headers: { 'Content-Type': file.type === 'image/png' ? 'image/png' : 'image/jpeg', ...proof() },
        body: file,
      })
      if (!response.ok) {
        const body = (await response.json()) as { problems?: { message: string }[]; detail?: string }
        problem.value = body.problems?.[0]?.message ?? body.detail ?? 'The photograph could not be kept.'
      }
    } catch {
      problem.value = 'The server does not answer: the photograph is not kept yet. Try again.'
    }
  }
  input.value = ''
  sending.value = false
  await photos.reload()
}
async function remove(id: number) {
  await answer(api.DELETE('/api/photos/{id}', { params: { path: { id } } }))
  await photos.reload()
}
</script>

<template>
  <section class="card photos">
    <h2>Photographs</h2>
    <div class="strip">
      <figure v-for="(p, i) in photos.data.value" :key="p.id">
        <a :href="`/api/photos/${p.id}`" target="_blank">
          <img :src="`/api/photos/${p.id}`" :alt="`Photograph ${i + 1} of the sample`" loading="lazy" />
        </a>
        <v-btn size="small" variant="text" :aria-label="`Remove photograph ${i + 1}`" @click="remove(p.id)"
          >×</v-btn
        >
      </figure>
      <label class="add">
        <input
          type="file"
          accept="image/jpeg,image/png"
          capture="environment"
          multiple
          :disabled="sending"
          aria-label="Add a photograph"
          @change="add"
        />
        {{ sending ? 'Keeping…' : 'Add a photograph' }}
      </label>
    </div>
    <p v-if="problem" class="ember" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.photos {
  margin-top: 16px;
}
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 8px;
  align-items: center;
}
figure {
  margin: 0;
  display: flex;
  align-items: flex-start;
}
img {
  height: 92px;
  border-radius: 4px;
}
.add {
  border: 1px dashed var(--ink-2);
  border-radius: 4px;
  padding: 12px 18px;
  min-height: var(--touch);
  cursor: pointer;
}
.add:focus-within {
  outline: 2px solid var(--moss);
}
.add input {
  position: absolute;
  opacity: 0;
  width: 1px;
}
</style>
