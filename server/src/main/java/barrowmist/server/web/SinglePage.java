package barrowmist.server.web;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** The pages of the front end, each answered with its one document; anything else stays a 404. */
@Controller
class SinglePage {

    @GetMapping({
        "/green",
        "/green/**",
        "/plan",
        "/plan/**",
        "/machines",
        "/machines/**",
        "/put-aside",
        "/instruments",
        "/roast",
        "/roast/**",
        "/sample",
        "/sample/**",
        "/rest",
        "/rest/**",
        "/cupping",
        "/cupping/**",
        "/join",
        "/table/*",
        "/trace",
        "/trace/**",
        "/decision",
        "/decision/**",
        "/people",
        "/people/**"
    })
    String page() {
        return "forward:/index.html";
    }
}
