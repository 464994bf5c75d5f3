<script setup lang="ts">
import { Button, Result } from 'ant-design-vue';
</script>

<template>
    <main>
        <Result status="info" sub-title="The address may be mistyped, or what it showed was deleted.">
            <template #title><h1>Page not found</h1></template>
            <template #extra>
                <RouterLink v-slot="{ navigate }" :to="{ name: 'home' }" custom>
                    <Button type="primary" @click="navigate">Go to your rooms</Button>
                </RouterLink>
            </template>
        </Result>
    </main>
</template>
