package barrowmist.server.roast;

import barrowmist.core.roast.csv.RoastLogReader;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.ExampleObject;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Takes roast logs in. */
@RestController
class ImportController {

    private final RoastService roasts;

    ImportController(RoastService roasts) {
        this.roasts = roasts;
    }

    /**
     * @param stage which sample of the lot was roasted; the arrival sample when left out
     * @param map what unknown headings mean, each {@code heading:column}
     * @param celsius answer to "are these °F?": {@code as-written} or {@code is-fahrenheit}
     * @param again keep it although the same log is there
     */
    @Operation(
            summary = "Keep a roast log as a roast of a lot",
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "text/csv",
                                            schema = @Schema(type = "string"),
                                            examples =
                                                    @ExampleObject(
                                                            "time,bean_c,event\n0:00,190.0,charge\n0:01,188.2,\n"))))
    @PostMapping(value = "/api/lots/{lotId}/roasts", consumes = "text/csv", produces = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    RoastView importLog(
            @PathVariable long lotId,
            @RequestParam(required = false) @Nullable Long machineId,
            @RequestParam(required = false) @Nullable Double greenG,
            @RequestParam(required = false) @Nullable Double roastedG,
            @RequestParam(required = false) @Nullable Instant roastedAt,
            @RequestParam(required = false) @Nullable String stage,
            @RequestParam(required = false) @Nullable List<String> map,
            @RequestParam(required = false) @Nullable String celsius,
            @RequestParam(defaultValue = "false") boolean again,
            HttpServletRequest request)
            throws IOException {
        // no further than one byte past the largest log, so that a huge file costs nothing
        if (request.getContentLengthLong() > RoastLogReader.MAX_BYTES) {
            throw LogRefused.tooLarge(request.getContentLengthLong());
        }
        byte[] file = request.getInputStream().readNBytes(RoastLogReader.MAX_BYTES + 1);
        return roasts.importLog(
                lotId,
                file,
                new ImportRequest(
                        machineId,
                        roastedAt,
                        ImportRequest.stage(stage),
                        greenG,
                        roastedG,
                        ImportRequest.options(map, celsius),
                        again));
    }
}
