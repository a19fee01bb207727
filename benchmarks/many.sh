# Shared by benchmarks/roast-list, benchmarks/pages, benchmarks/learned and benchmarks/decisions: a server on data of its own, filled with many generated roasts.

cd "$(dirname "${BASH_SOURCE[0]}")/.."
. bin/lib.sh
need_tools
build_app

export BARROWMIST_PORT=${BARROWMIST_PORT:-8097}
export BARROWMIST_DATA=$(mktemp -d)
wanted=20000
cupped=4000
url=http://localhost:$BARROWMIST_PORT
server=
stop() {
  [ -z "$server" ] || { kill "$server" && wait "$server" || true; } 2>/dev/null
  server=
}
trap 'stop; rm -rf "$BARROWMIST_DATA"' EXIT

start() {
  java -jar "$built" --barrowmist.demo=true >"$BARROWMIST_DATA/said" &
  server=$!
  for _ in $(seq 300); do
    grep -q "is ready" "$BARROWMIST_DATA/said" && return
    sleep 1
  done
  refuse "The server did not come up."
}

roasts() { curl -sf "$url/api/roasts/search?size=1" | grep -o '"total":[0-9]*' | cut -d: -f2; }

# median and the ninth of ten of so many calls of an address, ms
times() {
  for _ in $(seq 30); do curl -sf -o /dev/null -w '%{time_total}\n' "$url$1"; done |
    sort -n | awk '{ t[NR] = 1000 * $1 } END { printf "%.1f %.1f", t[int((NR + 1) / 2)], t[int(NR * 0.9)] }'
}

# copies the demo's roasts until there are many, some of them with a sheet; the server is stopped meanwhile
multiply() {
  local h2
  h2=$(echo "$app"/lib/h2-*.jar)
  cat >"$BARROWMIST_DATA/many.sql" <<SQL
create table many as select r.*, r.id as source, x from roast r, system_range(1, $wanted) x
  where x <= $wanted / (select count(*) from roast) + 1 limit $wanted;
-- some thirty a day, as a lab that has so many
update many set id = 100000 + rownum(), roasted_at = dateadd(hour, -200 * x, roasted_at),
  number_in_lot = number_in_lot + 100 * x, content_hash = 'generated ' || rownum(),
  import_key = 'generated ' || rownum(),
  charge_c = charge_c + mod(x, 17) * 0.3, first_crack_s = first_crack_s + mod(x, 41) - 20,
  drop_s = drop_s + mod(x, 29) - 14;
create table events as select m.id as roast_id, e.position, e.kind, e.time_s, e.moved_from_s
  from many m join roast_event e on e.roast_id = m.source;
create table tables as select rownum() + 100000 as id, m.id as roast_id, m.source, m.roasted_at,
    (select min(s.content) from sheet s where s.form = 'hundred-point') as content,
    (select min(s.final_score) from sheet s) as final_score
  from many m limit $cupped;
create table traces as select t.roast_id, k.cause, k.standing, k.final_score, k.probability, k.sound, k.cup_cause, k.words,
    coalesce(k.rules_version, 0) as rules_version, k.roast_id is null as stale
  from tables t left join roast_trace k on k.roast_id = t.source;
alter table many drop column source;
alter table many drop column x;
insert into roast select * from many;
insert into roast_event select * from events;
insert into cupping (id, cupped_at, cups) select id, dateadd(hour, 12, roasted_at), 5 from tables;
insert into cupping_sample (id, cupping_id, position, code, roast_id) select id, id, 0, '1', roast_id from tables;
insert into sheet (cupping_id, sample_id, roast_id, cupper, form, content, final_score, updated_at, version)
  select id, id, roast_id, 'generated', 'hundred-point', content, final_score, roasted_at, 0 from tables;
insert into roast_trace (roast_id, cause, standing, final_score, probability, sound, cup_cause, words, rules_version, stale)
  select roast_id, cause, standing, final_score, probability, sound, cup_cause, words, rules_version, stale from traces;
drop table many;
drop table events;
drop table tables;
drop table traces;
SQL
  [ -z "${lots:-}" ] || cat >>"$BARROWMIST_DATA/many.sql" <<SQL
create table more as select l.*, l.id as source, x from lot l, system_range(1, $lots) x
  where x <= $lots / (select count(*) from lot) + 1 limit $lots;
update more set id = 100000 + rownum(), name = name || ' ' || x;
create table samples as select s.*, m.id as of_lot from green_sample s join more m on m.source = s.lot_id;
update samples set id = 100000 + rownum(), lot_id = of_lot;
alter table samples drop column of_lot;
alter table more drop column source;
alter table more drop column x;
insert into lot select * from more;
insert into green_sample select * from samples;
-- a profile has 5,000 batches
update roast set plan_id = null where id > 100000 and plan_id = (select min(plan_id) from production_profile)
  and id not in (select id from roast where id > 100000
    and plan_id = (select min(plan_id) from production_profile) order by id fetch first 4910 rows only);
-- one of them has thirty roasts, all cupped
update roast set lot_id = 100001, number_in_lot = id, green_sample_id = (select min(id) from green_sample where lot_id = 100001)
  where id in (select s.roast_id from sheet s where s.roast_id > 100000 fetch first 30 rows only);
drop table more;
drop table samples;
SQL
  java -cp "$h2" org.h2.tools.RunScript \
    -url "jdbc:h2:file:$(echo "$BARROWMIST_DATA"/*.mv.db | sed 's/\.mv\.db$//')" -user sa \
    -script "$BARROWMIST_DATA/many.sql"
}

few_of() { echo "$1" | cut -d'|' -f2; }

# compares pages "name|address", or "name|address|address over many", over the demo's few roasts and over many; the slowest may take so many ms, 9 of 10
compare() {
  local allowed=$1
  shift
  local pages=("$@") few_median median late slowest=0
  declare -A few
  start
  for page in "${pages[@]}" "${pages[@]}"; do times "$(few_of "$page")" >/dev/null; done
  for page in "${pages[@]}"; do few[$page]=$(times "$(few_of "$page")"); done
  stop
  multiply
  start
  echo "$(roasts) roasts"
  for page in "${pages[@]}" "${pages[@]}"; do times "${page##*|}" >/dev/null; done
  printf '%-32s %9s %9s %12s %9s\n' "" "few, ms" "many, ms" "9 of 10, ms" "ratio"
  for page in "${pages[@]}"; do
    read -r few_median _ <<<"${few[$page]}"
    read -r median late <<<"$(times "${page##*|}")"
    printf '%-32s %9s %9s %12s %9s\n' "${page%%|*}" "$few_median" "$median" "$late" \
      "$(awk "BEGIN { printf \"%.1f\", $median / $few_median }")"
    slowest=$(awk "BEGIN { print ($late > $slowest) ? $late : $slowest }")
  done
  echo "slowest, 9 of 10: $slowest ms, allowed $allowed"
}
