package barrowmist.server.web;

import org.apache.tomcat.util.buf.EncodedSolidusHandling;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;

/**
 * Lets a slash stand within a name in an address, written {@code %2F}: a supplier may be called so. A path is divided into its
 * parts before they are read, so that such a slash divides none.
 */
@Configuration(proxyBeanMethods = false)
class SlashInNames {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> read() {
        return factory -> factory.addConnectorCustomizers(
                connector -> connector.setEncodedSolidusHandling(EncodedSolidusHandling.DECODE.getValue()));
    }

    @Bean
    HttpFirewall letIn() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowUrlEncodedSlash(true);
        return firewall;
    }
}
