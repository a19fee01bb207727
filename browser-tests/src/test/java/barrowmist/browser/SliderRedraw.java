package barrowmist.browser;

import com.microsoft.playwright.Page;
import java.util.Arrays;
import java.util.List;

/**
 * Measures on a running demo how long the plan page takes from a step of a slider to the redrawn curve.
 * Run by {@code benchmarks/slider}.
 */
final class SliderRedraw {

    private static final int STEPS = 24;

    /** Steps the slider up and down and notes when the curve has been drawn anew, ms. */
    private static final String MEASURE = """
            async steps => {
              const slider = document.querySelector('[role=slider][aria-label="gas at charge"]')
              const chart = document.querySelector('.roast-chart .drawing')
              const times = []
              slider.focus()
              for (let i = 0; i < steps; i++) {
                const changed = new Promise(done => {
                  const seen = new MutationObserver(() => { seen.disconnect(); requestAnimationFrame(() => done(performance.now())) })
                  seen.observe(chart, { childList: true, subtree: true, attributes: true })
                })
                const start = performance.now()
                const key = i % 2 ? 'ArrowLeft' : 'ArrowRight'
                slider.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
                times.push(await changed - start)
                await new Promise(done => setTimeout(done, 400))
              }
              return times
            }
            """;

    private SliderRedraw() {}

    public static void main(String[] args) {
        try (Chromium chromium = new Chromium()) {
            Page page = chromium.page();
            page.navigate(args[0] + "/plan/5");
            page.locator("tr[data-figure=rorPeakCPerMin]").waitFor();
            @SuppressWarnings("unchecked")
            List<Number> times = (List<Number>) page.evaluate(MEASURE, STEPS);
            double[] sorted =
                    times.stream().mapToDouble(Number::doubleValue).sorted().toArray();
            double half = sorted[sorted.length / 2];
            double most = sorted[(int) (0.9 * sorted.length)];
            System.out.printf("slider to redraw: median %.0f ms, 9 of 10 within %.0f ms, allowed 100%n", half, most);
            System.out.println(
                    Arrays.toString(Arrays.stream(sorted).mapToLong(Math::round).toArray()));
            page.context().close();
        }
    }
}
