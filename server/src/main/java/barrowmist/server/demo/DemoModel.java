package barrowmist.server.demo;

import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineView;
import barrowmist.server.machine.ModelService;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Begins to fit the demo roaster's model, once its roasts are kept. */
@Component
@Order(3)
@ConditionalOnProperty(name = "barrowmist.demo", havingValue = "true")
class DemoModel implements ApplicationRunner {

    private final MachineService machines;
    private final ModelService models;

    DemoModel(MachineService machines, ModelService models) {
        this.machines = machines;
        this.models = models;
    }

    @Override
    public void run(ApplicationArguments args) {
        machines.list().stream()
                .filter(m -> m.name().equals(DemoLab.MACHINE))
                .map(MachineView::id)
                .filter(id -> models.model(id).isEmpty())
                .forEach(models::fit);
    }
}
