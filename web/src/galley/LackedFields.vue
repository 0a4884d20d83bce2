<script setup lang="ts">
import type { KindInfo, Property } from '@/api/types'
import { useSession } from '@/session/useSession'
import { pagesOf } from '@/site/pagesOf'
import { useSite } from '@/site/useSite'

/** The fields that a kind lacks for what could be set here, each added in one act. */
const props = defineProps<{ kind: KindInfo | undefined; lacks: Property[] }>()
const site = useSite()
const session = useSession()
function add(field: Property) {
  const kind = props.kind
  if (kind) void site.give({ verb: 'set-fields', kind: kind.id, fields: [...kind.fields, field] }, kind.id)
}
</script>

<template>
  <p v-if="kind && lacks.length" class="label lacks">
    More could be set here if {{ pagesOf(kind.name) }} had
    {{ lacks.length === 1 ? 'this field' : 'these fields' }}:
    <template v-for="(f, i) in lacks" :key="f.key"
      >{{ i ? ', ' : '' }}{{ f.label.toLowerCase()
      }}<template v-if="session.manager"
        >&nbsp;<button type="button" class="textlink" @click="add(f)">add it</button></template
      ></template
    >.
  </p>
</template>

<style scoped>
.lacks {
  padding: 6px 13px;
}
</style>
