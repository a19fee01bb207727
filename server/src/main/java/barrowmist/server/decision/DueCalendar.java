package barrowmist.server.decision;

import barrowmist.server.decision.DueLots.Waiting;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.DateStart;
import biweekly.util.DateTimeComponents;
import biweekly.util.ICalDate;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Date;
import java.util.List;

/** When which lot is to be decided, as an iCalendar file: a whole day each. */
final class DueCalendar {

    private DueCalendar() {}

    static String of(List<Waiting> lots, Clock clock) {
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Barrowmist//Decisions//EN");
        for (Waiting lot : lots) {
            VEvent event = new VEvent();
            // stays the same when the day is moved: a second import moves it too
            event.setUid("decide-" + lot.lotId() + "@barrowmist");
            event.setSummary("Decide on " + lot.lotName());
            LocalDate on = lot.dueOn();
            DateTimeComponents day = new DateTimeComponents(on.getYear(), on.getMonthValue(), on.getDayOfMonth());
            event.setDateStart(new DateStart(new ICalDate(day, false)));
            event.setDateTimeStamp(Date.from(clock.instant()));
            calendar.addEvent(event);
        }
        return Biweekly.write(calendar).go();
    }
}
