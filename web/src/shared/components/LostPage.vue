<template>
  <div class="card">
    <h1>There is no such page</h1>
    <p class="mt-2"><router-link class="plain" to="/">Back to Today</router-link></p>
  </div>
</template>
