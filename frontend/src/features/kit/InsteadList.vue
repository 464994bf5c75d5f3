<script setup lang="ts">
import type { CutPlan } from '../../api/client';

/** Filters of the same size and grade that would do as well, and what one more unit would add. */
defineProps<{ plan: CutPlan; currency: string }>();
</script>

<template>
    <div class="instead">
        <template v-if="plan.substitutes.length">
            <h3>Filters that would do instead</h3>
            <table>
                <thead>
                    <tr>
                        <th scope="col">Same size and grade</th>
                        <th scope="col">Clean air</th>
                        <th scope="col">Price of all</th>
                    </tr>
                </thead>
                <tbody>
                    <tr v-for="one in plan.substitutes" :key="one.code">
                        <td>{{ one.name }}</td>
                        <td class="figure">{{ one.clean_air }}</td>
                        <td class="figure">{{ currency }} {{ one.price }}</td>
                    </tr>
                </tbody>
            </table>
        </template>
        <p>
            One more unit would add <b class="figure">{{ currency }} {{ plan.one_more }}</b
            >, packs and sheets shared.
        </p>
    </div>
</template>

<style scoped>
.instead {
    display: grid;
    gap: 8px;
    margin-top: 18px;
}
h3 {
    font-size: 16px;
}
table {
    width: 100%;
    border-collapse: collapse;
    font-size: 15px;
}
th {
    font-weight: 400;
    text-align: left;
    color: var(--pencil);
}
th + th,
td + td {
    text-align: right;
}
td {
    padding: 5px 0;
    border-top: 1px solid var(--line);
}
</style>
