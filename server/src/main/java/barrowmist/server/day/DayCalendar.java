package barrowmist.server.day;

import barrowmist.server.day.DayViews.DayView;
import barrowmist.server.day.DayViews.SlotView;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Clock;
import java.time.LocalDateTime;
import java.util.Date;
import java.util.Locale;

/** A day of roasting as an iCalendar file. */
final class DayCalendar {

    private DayCalendar() {}

    static String of(DayView day, Clock clock) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Barrowmist//Day of roasting//EN");
        for (SlotView slot : day.slots()) {
            VEvent event = event(
                    clock,
                    "roast-" + day.date() + "-" + slot.planId(),
                    "Roast %s (%s)".formatted(slot.lotName(), slot.stage()),
                    slot.chargeAt(),
                    slot.dropAt());
            event.setDescription(String.format(
                    Locale.ROOT,
                    "%s, %s. Charge %.0f g at %.0f °C.",
                    day.machineName(),
                    slot.process(),
                    slot.greenG(),
                    slot.chargeC()));
            calendar.addEvent(event);
        }
        if (day.rest() != null && day.rest().together()) {
            VEvent event = event(
                    clock,
                    "cup-" + day.date(),
                    "Cupping table open",
                    day.rest().opensAt(),
                    day.rest().closesAt());
            event.setDescription(day.rest().text());
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }

    private static VEvent event(Clock clock, String uid, String summary, LocalDateTime from, LocalDateTime to) {
        VEvent event = new VEvent();
        event.setUid(uid + "@barrowmist");
        event.setSummary(summary);
        event.setDateStart(date(from, clock));
        event.setDateEnd(date(to, clock));
        event.setDateTimeStamp(Date.from(clock.instant()));
        return event;
    }

    private static Date date(LocalDateTime at, Clock clock) {
        return Date.from(at.atZone(clock.getZone()).toInstant());
    }
}
