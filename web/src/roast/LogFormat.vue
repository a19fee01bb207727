<!-- What a log is expected to look like. -->
<template>
  <section class="quiet format">
    <p>
      Columns: <code>time</code> (seconds or m:ss) and <code>bean_c</code> or <code>bean_f</code>; if logged
      <code>environment_c</code>, <code>gas_pct</code> (or <code>gas_kpa</code>, <code>gas_mbar</code>,
      <code>gas_dial</code>), <code>airflow_pct</code>, <code>drum_rpm</code>, <code>event</code> (charge,
      dry_end, first_crack, drop and more). Comma or semicolon between them.
    </p>
  </section>
</template>

<style scoped>
.format code {
  color: var(--ink);
}
</style>
