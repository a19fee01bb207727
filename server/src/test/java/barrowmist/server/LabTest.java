package barrowmist.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.boot.webmvc.test.autoconfigure.MockMvcPrint;

/** The whole server on a database in memory, asked without a network. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(
        properties = {
            "spring.datasource.url=jdbc:h2:mem:${random.uuid}",
            "barrowmist.data.path=target/test-data/${random.uuid}/barrowmist"
        })
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
public @interface LabTest {}
