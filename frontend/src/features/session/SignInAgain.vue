<script setup lang="ts">
import { Modal } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import type { Person } from '../../api/client';
import { sessionGate } from '../../api/sessionGate';
import { useSession } from '../../session/queries';
import SignInForm from './SignInForm.vue';

/** Over a page whose session has ended: nothing on it is lost, and what was being saved goes on after signing in. */
const session = useSession();
const isAsked = computed(() => sessionGate.waiting.value.length > 0);
const before = ref<Person>();
watch(isAsked, (asked) => {
    if (asked) before.value = session.data.value;
});

/** Somebody else does not save what another person has written: for them everything begins anew. */
function settle(person: Person | null): void {
    if (person && person.id !== before.value?.id) window.location.assign('/');
    else {
        if (!person) sessionGate.know(0);
        sessionGate.settle(person !== null);
    }
}
</script>

<template>
    <Modal
        :open="isAsked"
        title="You were signed out"
        :footer="null"
        :mask-closable="false"
        width="400px"
        destroy-on-close
        @cancel="settle(null)"
    >
        <p class="says">Nothing is lost. Sign in again, and what you were doing goes on.</p>
        <SignInForm :known="before?.email" @signed-in="settle" />
    </Modal>
</template>

<style scoped>
.says {
    padding-bottom: 12px;
}
</style>
