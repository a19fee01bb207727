package barrowmist.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.server.PathContainer;
import org.springframework.http.server.RequestPath;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import org.springframework.web.util.ServletRequestPathUtils;
import org.springframework.web.util.pattern.PathPattern;

/**
 * Names the operation that a request will reach, by the patterns of the controllers themselves. Who may call is decided
 * by this name and never by the address as it was written: an id that is spelled otherwise is still the same operation.
 */
@Component
final class Operations {

    /**
     * An operation as it was called.
     *
     * @param method GET for a HEAD too
     * @param pattern the controller's, such as {@code /api/cuppings/{id}/key}
     * @param variables what stands in the places of the pattern, decoded
     */
    record Called(String method, String pattern, Map<String, String> variables) {}

    private record Operation(Set<RequestMethod> methods, PathPattern pattern) {
        boolean fits(String method, PathContainer path) {
            return (methods.isEmpty() || methods.contains(RequestMethod.resolve(method))) && pattern.matches(path);
        }
    }

    private final Supplier<List<Operation>> all;

    Operations(@Qualifier("requestMappingHandlerMapping") ObjectProvider<RequestMappingHandlerMapping> mapping) {
        // the controllers are there after the filters that ask this
        all = SingletonSupplier.of(() -> mapping.getObject().getHandlerMethods().keySet().stream()
                .flatMap(Operations::of)
                .sorted(Comparator.comparing(Operation::pattern, PathPattern.SPECIFICITY_COMPARATOR))
                .toList());
    }

    private static Stream<Operation> of(RequestMappingInfo info) {
        Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
        return info.getPathPatternsCondition() == null
                ? Stream.empty()
                : info.getPathPatternsCondition().getPatterns().stream().map(p -> new Operation(methods, p));
    }

    /** The operation that this request reaches; empty when no controller takes it. */
    Optional<Called> called(HttpServletRequest request) {
        String method = "HEAD".equals(request.getMethod()) ? "GET" : request.getMethod();
        RequestPath path = ServletRequestPathUtils.hasParsedRequestPath(request)
                ? ServletRequestPathUtils.getParsedRequestPath(request)
                : ServletRequestPathUtils.parseAndCache(request);
        PathContainer within = path.pathWithinApplication();
        return all.get().stream()
                .filter(o -> o.fits(method, within))
                .findFirst()
                .map(o -> new Called(method, o.pattern().getPatternString(), variables(o.pattern(), within)));
    }

    private static Map<String, String> variables(PathPattern pattern, PathContainer path) {
        PathPattern.PathMatchInfo match = pattern.matchAndExtract(path);
        return match == null ? Map.of() : Map.copyOf(match.getUriVariables());
    }
}
