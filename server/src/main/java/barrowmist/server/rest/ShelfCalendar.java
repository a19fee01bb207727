package barrowmist.server.rest;

import barrowmist.server.rest.RestViews.AgeingView;
import barrowmist.server.rest.RestViews.ShelfItem;
import barrowmist.server.rest.RestViews.ShelfView;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Date;

/** The shelf as a calendar: when each sample is at its best, and when one is cupped again. */
final class ShelfCalendar {

    private static final int CUPPING_HOUR = 10;

    private ShelfCalendar() {}

    static String write(ShelfView shelf, ZoneId zone) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Barrowmist//Rest shelf//EN");
        for (ShelfItem item : shelf.items()) {
            if (!item.state().equals("missed")) {
                VEvent event =
                        event("rest-" + item.roastId(), "Cup " + name(item.lotName(), item.number()), shelf.now());
                event.setDateStart(Date.from(item.opensAt()));
                event.setDateEnd(Date.from(item.closesAt()));
                event.setDescription("Rested by the style of its process; best from "
                        + item.bestAt()
                                .atZone(zone)
                                .toLocalDateTime()
                                .withSecond(0)
                                .withNano(0) + ".");
                calendar.addEvent(event);
            }
        }
        for (AgeingView study : shelf.ageing()) {
            if (study.nextDue() != null) {
                VEvent event = event(
                        "ageing-" + study.roastId() + "-" + study.nextDue(),
                        "Cup again: " + name(study.lotName(), study.number()),
                        shelf.now());
                event.setDateStart(Date.from(
                        study.nextDue().atTime(CUPPING_HOUR, 0).atZone(zone).toInstant()));
                event.setDuration(Duration.builder().minutes(30).build());
                calendar.addEvent(event);
            }
        }
        return Biweekly.write(calendar).go();
    }

    private static String name(String lot, int number) {
        return lot + ", roast " + number;
    }

    private static VEvent event(String uid, String summary, Instant now) {
        VEvent event = new VEvent();
        event.setUid(uid + "@barrowmist");
        event.setSummary(summary);
        event.setDateTimeStamp(Date.from(now));
        return event;
    }
}
