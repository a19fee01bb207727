package barrowmist.browser;

import com.microsoft.playwright.Page;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * Measures how long a mark takes from a cupper's tablet to the wall screen, while twelve cuppers score ten samples at once.
 * Run by {@code benchmarks/mark-to-wall}.
 */
final class MarkToWall {

    private static final int CUPPERS = 12;
    private static final int SAMPLES = 10;
    private static final int BETWEEN_MARKS_MS = 1000;
    private static final String SCORED =
            "\"attributes\":{\"fragranceAroma\":7,\"flavour\":7,\"aftertaste\":7,\"acidity\":7,"
                    + "\"body\":7,\"balance\":7,\"overall\":7}";

    /** Notes for each cupper how many were seen as scored, when the frame with it was painted. */
    private static final String WATCH = """
            () => {
              const now = () => performance.timeOrigin + performance.now()
              window.seen = {}
              new MutationObserver(() => {
                const rows = [...document.querySelectorAll('.cuppers li')].map(li =>
                  [li.querySelector('b').textContent, li.querySelectorAll('i.scored').length])
                requestAnimationFrame(() => requestAnimationFrame(() => {
                  for (const [name, n] of rows) for (let i = 1; i <= n; i++) window.seen[name + ' ' + i] ??= now()
                }))
              }).observe(document.body, { childList: true, subtree: true, attributes: true })
            }
            """;

    private MarkToWall() {}

    public static void main(String[] args) throws Exception {
        try (App app = new App(false);
                Chromium chromium = new Chromium()) {
            measure(app, chromium);
        }
    }

    private static void measure(App app, Chromium chromium) throws InterruptedException {
        String bags = String.join(
                ",",
                IntStream.range(0, SAMPLES)
                        .mapToObj(i -> "{\"outside\":{\"name\":\"Bag %d\"}}".formatted(i))
                        .toList());
        String table = app.send(
                "POST", "/api/cuppings", "application/json", "{\"blind\":\"coded\",\"samples\":[" + bags + "]}");
        String path = "/api/cuppings/" + App.id(table);
        List<String> codes = all("\"code\":\"(\\d{3})\"", table);
        Page wall = chromium.page();
        wall.navigate(app.url() + path.replace("/api/cuppings", "/cupping") + "/wall");
        wall.waitForTimeout(2000);
        wall.evaluate(WATCH);
        Map<String, Long> sentAt = new ConcurrentHashMap<>();
        List<Long> keeping = Collections.synchronizedList(new ArrayList<>());
        ExecutorService cuppers = Executors.newFixedThreadPool(CUPPERS);
        String joinCode = all("\"joinCode\":\"(\\w+)\"", table).get(0);
        for (int c = 0; c < CUPPERS; c++) {
            String name = "Cupper " + c;
            cuppers.execute(() -> score(app, path, joinCode, name, codes, sentAt, keeping));
        }
        cuppers.shutdown();
        while (!cuppers.isTerminated()) {
            wall.waitForTimeout(200);
        }
        cuppers.awaitTermination(1, TimeUnit.SECONDS);
        wall.waitForTimeout(3000);
        report(wall, sentAt, keeping);
    }

    @SuppressWarnings("unchecked")
    private static void report(Page wall, Map<String, Long> sentAt, List<Long> keeping) {
        Map<String, Number> seen = (Map<String, Number>) wall.evaluate("window.seen");
        List<Double> took = new TreeMap<>(sentAt)
                .entrySet().stream()
                        .filter(e -> seen.containsKey(e.getKey()))
                        .map(e -> seen.get(e.getKey()).doubleValue() - e.getValue())
                        .sorted()
                        .toList();
        Collections.sort(keeping);
        double ninety = took.get((int) Math.ceil(0.9 * took.size()) - 1);
        long kept = keeping.get((int) Math.ceil(0.9 * keeping.size()) - 1);
        System.out.printf(
                "%d of %d marks seen at the wall; 9 of 10 within %.0f ms (wanted 250), the longest %.0f ms.%n",
                took.size(), sentAt.size(), ninety, took.get(took.size() - 1));
        System.out.printf(
                "9 of 10 were kept by the server within %d ms: the way to the wall is %.1f of that.%n",
                kept, ninety / Math.max(1, kept));
    }

    private static void score(
            App app,
            String path,
            String joinCode,
            String name,
            List<String> codes,
            Map<String, Long> sentAt,
            List<Long> keeping) {
        try {
            HttpClient tablet = HttpClient.newHttpClient();
            String joined = app.send(
                    "POST",
                    "/api/cuppings/join",
                    "application/json",
                    "{\"joinCode\":\"%s\",\"cupper\":\"%s\"}".formatted(joinCode, name));
            String token = all("\"token\":\"([^\"]+)\"", joined).get(0);
            Thread.sleep(1000 + Math.abs(name.hashCode() * 7919L % BETWEEN_MARKS_MS));
            for (int i = 0; i < codes.size(); i++) {
                long start = System.currentTimeMillis();
                sentAt.put(name + " " + (i + 1), start);
                tablet.send(
                        HttpRequest.newBuilder(URI.create(app.url() + path + "/sheets"))
                                .header("Content-Type", "application/json")
                                .header("Authorization", "Bearer " + token)
                                .POST(HttpRequest.BodyPublishers.ofString(
                                        "{\"code\":\"%s\",%s}".formatted(codes.get(i), SCORED)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
                keeping.add(System.currentTimeMillis() - start);
                Thread.sleep(BETWEEN_MARKS_MS);
            }
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    private static List<String> all(String pattern, String json) {
        Matcher found = Pattern.compile(pattern).matcher(json);
        List<String> out = new ArrayList<>();
        while (found.find()) {
            out.add(found.group(1));
        }
        return out;
    }
}
