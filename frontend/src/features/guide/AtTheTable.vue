<script setup lang="ts">
import { SoundOutlined } from '@ant-design/icons-vue';
import { Button } from 'ant-design-vue';
import { computed, ref, watch } from 'vue';
import NoticeBar from '../../ui/NoticeBar.vue';
import ChangeNotice from './ChangeNotice.vue';
import HoldList from './HoldList.vue';
import StepNotes from './StepNotes.vue';
import StepPicture from './StepPicture.vue';
import StepText from './StepText.vue';
import TimerRow from './TimerRow.vue';
import { isSeen, spoken } from './told';
import { useScreenOn, useVoice } from './useAtTheTable';
import type { useUnitWork } from './useUnitWork';
import WentWrong from './WentWrong.vue';

/** One step at a time, for somebody with tape on their fingers. */
const props = defineProps<{ work: ReturnType<typeof useUnitWork> }>();
const { steps, step, place, chosen, mayTell, missing, timers, tell, stop, go, finish, addPhoto, back, done, left, isWaiting, message } =
    props.work;
const unit = computed(() => props.work.unit.data.value!);
const voice = useVoice();
useScreenOn();
const isWrong = ref(false);
const top = ref<HTMLElement>();
// Another step begins at its picture.
watch(
    () => step.value?.id,
    (_, before) => before && top.value?.scrollIntoView({ block: 'start' }),
);
</script>

<template>
    <div ref="top" class="work">
        <header>
            <h1>{{ unit.title }}</h1>
            <p v-if="unit.made_at"><b>Made.</b> All of it stands below.</p>
            <p v-else>
                <b class="figure">{{ done }}</b> of <b class="figure">{{ steps.length }}</b> done · about
                <b class="figure">{{ left }}</b> min left
            </p>
            <div class="bar" role="progressbar" :aria-valuenow="done" :aria-valuemax="steps.length" aria-label="Steps done">
                <i :style="{ width: `${(100 * done) / Math.max(1, steps.length)}%` }" />
            </div>
        </header>
        <NoticeBar v-if="isWaiting && work.away.value" kind="warning"
            >No network: what you tick is kept on this phone and sent as soon as there is one.</NoticeBar
        >
        <NoticeBar v-if="message" kind="error">{{ message }}</NoticeBar>
        <ChangeNotice v-if="!unit.made_at" :changes="unit.changes" />
        <TimerRow v-for="timer in timers" :key="timer.key" :name="timer.name" :left="timer.left" @stop="stop(timer.key)" />
        <template v-if="step">
            <div class="seen">
                <StepPicture :version="unit.version_id" :step="step.id" :title="`Step ${place + 1}: ${step.action}`" />
                <Button
                    v-if="voice.canSpeak"
                    class="voice"
                    size="large"
                    :aria-pressed="voice.isSpeaking.value"
                    aria-label="Read this step aloud"
                    title="Read this step aloud"
                    @click="voice.speak(spoken(step))"
                    ><SoundOutlined aria-hidden="true"
                /></Button>
            </div>
            <StepText :step="step" :number="place + 1" />
            <HoldList :step="step" :may-tick="mayTell" @seen="(hold, isNow) => tell(step!.id, isNow ? 'seen' : 'unseen', { hold })" />
            <p v-if="missing.length && !step.done" class="missing">
                Before this:
                <Button v-for="one in missing" :key="one.id" type="link" size="small" @click="chosen = one.id"
                    >step {{ steps.indexOf(one) + 1 }}</Button
                >
            </p>
            <StepNotes
                :step="step"
                :unit="unit.id"
                :may-tell="unit.may_build"
                @note="(text) => tell(step!.id, 'note', { text })"
                @photo="addPhoto"
            />
            <nav class="thumb" aria-label="This step">
                <Button size="large" :disabled="place === 0" aria-label="Step before" @click="go(-1)">‹</Button>
                <template v-if="mayTell">
                    <Button size="large" class="wrong" @click="isWrong = true">This went wrong</Button>
                    <Button v-if="step.done" size="large" class="wide" @click="tell(step.id, 'undone')">Not done after all</Button>
                    <Button v-else-if="isSeen(step)" size="large" class="wide" type="primary" @click="finish">Done</Button>
                    <Button v-else size="large" class="wide" type="primary" disabled>Tick what you saw</Button>
                </template>
                <Button size="large" :disabled="place === steps.length - 1" aria-label="Step after" @click="go(1)">›</Button>
            </nav>
            <WentWrong
                :step="step"
                :open="isWrong"
                @close="isWrong = false"
                @wrong="(text) => tell(step!.id, 'wrong', { text })"
                @back="back"
            />
        </template>
    </div>
</template>

<style scoped>
.work {
    display: grid;
    gap: 12px;
    min-width: 0;
    scroll-margin-top: 60px;
}
header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 14px;
}
h1 {
    font-size: 24px;
}
.bar {
    width: 100%;
    height: 8px;
    background: var(--line);
}
.bar i {
    display: block;
    height: 100%;
    background: var(--clean);
}
.seen {
    position: relative;
    height: min(46vh, 380px);
    background: var(--sheet);
    border: 1px solid var(--line);
}
.voice {
    position: absolute;
    top: 8px;
    right: 8px;
}
.work :deep(.text) {
    --action: 25px;
}
.missing {
    color: var(--bypass);
    font-weight: 700;
}
.thumb {
    position: sticky;
    bottom: 0;
    z-index: 4;
    display: flex;
    gap: 8px;
    padding: 10px 0 12px;
    background: linear-gradient(transparent, var(--paper) 14px);
}
.thumb :deep(.ant-btn) {
    height: auto;
    min-height: 56px;
    font-size: 18px;
}
.thumb .wide {
    flex: 1;
    font-weight: 700;
}
@media (max-width: 900px) {
    .seen {
        height: 38vh;
    }
    .thumb .wrong {
        white-space: normal;
        line-height: 1.1;
    }
    .thumb :deep(.ant-btn) {
        padding-inline: 12px;
        font-size: 17px;
    }
}
</style>
