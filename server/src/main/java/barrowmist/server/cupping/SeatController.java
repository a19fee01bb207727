package barrowmist.server.cupping;

import barrowmist.server.access.OpenStreams;
import barrowmist.server.access.Seat;
import barrowmist.server.cupping.SeatViews.JoinEntry;
import barrowmist.server.cupping.SeatViews.JoinView;
import barrowmist.server.cupping.SeatViews.SeatTableView;
import barrowmist.server.web.NotFound;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Cuppers who come with a device of their own. */
@RestController
@RequestMapping("/api/cuppings")
class SeatController {

    private final SeatService seats;
    private final Tables tables;
    private final TableStreams streams;
    private final OpenStreams open;

    SeatController(SeatService seats, Tables tables, TableStreams streams, OpenStreams open) {
        this.open = open;
        this.seats = seats;
        this.tables = tables;
        this.streams = streams;
    }

    @PostMapping("/join")
    @ResponseStatus(HttpStatus.CREATED)
    JoinView join(@RequestBody JoinEntry entry, HttpServletRequest request) {
        return seats.join(entry, request.getRemoteAddr());
    }

    /** The table from the seat of whoever sends their token. */
    @GetMapping("/{id}/table")
    SeatTableView table(@PathVariable long id) {
        return seats.table(seat(id));
    }

    /** Server-sent events to a seat: each says that something at the table has changed, and not what. */
    @GetMapping(path = "/{id}/table/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter tableStream(@PathVariable long id) {
        return streams.watch(seats.table(seat(id)).id());
    }

    /** The same to a screen of the lab's. */
    @GetMapping(path = "/{id}/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(@PathVariable long id) {
        return open.whileLetIn(streams.watch(tables.get(id).id()));
    }

    private static Seat seat(long id) {
        return Seat.ofCaller().orElseThrow(() -> new NotFound("seat at table", id));
    }

    /** Gets up from the table: what was given stays, the token opens nothing from now on. */
    @DeleteMapping("/{id}/seat")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leave(@PathVariable long id) {
        seats.free(id, seat(id).cupper());
    }

    /** Frees a seat, for a cupper who comes back with another device. */
    @DeleteMapping("/{id}/seats/{cupper}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void free(@PathVariable long id, @PathVariable String cupper) {
        seats.free(id, cupper);
    }
}
