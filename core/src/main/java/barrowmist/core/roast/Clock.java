package barrowmist.core.roast;

/** Roast times as people write them. */
public final class Clock {

    private static final int SECONDS_PER_MINUTE = 60;

    private Clock() {}

    /** {@code m:ss}, to the nearest second: 475.4 s is {@code 7:55}. */
    public static String text(double timeS) {
        long s = Math.round(Math.abs(timeS));
        String sign = timeS < 0 && s > 0 ? "−" : "";
        return "%s%d:%02d".formatted(sign, s / SECONDS_PER_MINUTE, s % SECONDS_PER_MINUTE);
    }
}
