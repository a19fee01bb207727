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
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Takes roast logs in. */
@RestController
class ImportController {

    private static final String EXAMPLE = "time,bean_c,event\n0:00,190.0,charge\n0:01,188.2,\n";

    private final ImportService logs;

    ImportController(ImportService logs) {
        this.logs = logs;
    }

    /**
     * Which sample of the lot was roasted, in what, and how the file is to be read.
     *
     * @param roastedAt when it was roasted, whatever the log says
     * @param fileAt when the file was last written; taken where the log does not say when it was roasted
     * @param stage which sample of the lot was roasted; the arrival sample when left out
     * @param map what unknown headings mean, each {@code heading:column}
     * @param celsius answer to "are these °F?": {@code as-written} or {@code is-fahrenheit}
     * @param again keep it although the same log is there
     */
    record LogParameters(
            @Nullable Long machineId,
            @Nullable Double greenG,
            @Nullable Double roastedG,
            @Nullable Instant roastedAt,
            @Nullable Instant fileAt,
            @Nullable String stage,
            @Nullable List<String> map,
            @Nullable String celsius,
            @Nullable Boolean again) {

        ImportRequest request() {
            return new ImportRequest(
                    machineId,
                    roastedAt,
                    fileAt,
                    ImportRequest.stage(stage),
                    greenG,
                    roastedG,
                    ImportRequest.options(map, celsius),
                    Boolean.TRUE.equals(again));
        }
    }

    @Operation(
            summary = "Keep a roast log as a roast of a lot",
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "text/csv",
                                            schema = @Schema(type = "string"),
                                            examples = @ExampleObject(EXAMPLE))))
    @PostMapping(value = "/api/lots/{lotId}/roasts", consumes = "text/csv", produces = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    RoastView importLog(@PathVariable long lotId, @ParameterObject LogParameters parameters, HttpServletRequest request)
            throws IOException {
        return logs.importLog(lotId, file(request), parameters.request());
    }

    @Operation(
            summary = "Keep a roast log as a roast of the lot that its notes name",
            requestBody =
                    @RequestBody(
                            required = true,
                            content =
                                    @Content(
                                            mediaType = "text/csv",
                                            schema = @Schema(type = "string"),
                                            examples = @ExampleObject("# lot: Mwendo Slope\n" + EXAMPLE))))
    @PostMapping(value = "/api/roasts", consumes = "text/csv", produces = "application/json")
    @ResponseStatus(HttpStatus.CREATED)
    RoastView importByNotes(@ParameterObject LogParameters parameters, HttpServletRequest request) throws IOException {
        return logs.importByNotes(file(request), parameters.request());
    }

    /** The file, no further than one byte past the largest log, so that a huge one costs nothing. */
    private static byte[] file(HttpServletRequest request) throws IOException {
        if (request.getContentLengthLong() > RoastLogReader.MAX_BYTES) {
            throw LogRefused.tooLarge(request.getContentLengthLong());
        }
        return request.getInputStream().readNBytes(RoastLogReader.MAX_BYTES + 1);
    }
}
