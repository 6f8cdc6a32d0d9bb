package hestra.marking;

import hestra.Kelp;
import hestra.data.TableEdit;
import hestra.desk.Desk;
import hestra.desk.Edit;
import hestra.desk.Findings;
import hestra.desk.WorkEdit;
import hestra.task.Answer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class HandInTest {

    @Test
    void theWorkCanBeReadAsItWasHandedIn() {
        Desk done = Desk.open(Kelp.whole()).apply(new WorkEdit.ChangeTable(new TableEdit.Type(2, 1, "5.0")))
                .apply(new WorkEdit.ChangeTable(new TableEdit.SetAside(0, "a dead blade")))
                .apply(new WorkEdit.ChooseRoles(hestra.data.Roles.FIRST_EXPLAINS)).apply(new Edit.Check("roles"))
                .apply(new Edit.Check("slip")).apply(new Edit.Draft("read", new Answer.Typed("0.52")))
                .apply(new Edit.Check("read"))
                .apply(new Edit.Name("Ida Fenn"));
        HandIn handIn = HandIn.of(done);
        Desk read = handIn.desk();
        assertThat(Kelp.work(read).table().row(0).setAside()).contains("a dead blade");
        assertThat(Kelp.work(read).roles()).isEqualTo(Kelp.work(done).roles());
        assertThat(Findings.of(read).earned()).isEqualTo(Findings.of(done).earned()).isPositive();
        assertThat(read.work().drafts()).containsEntry("read", new Answer.Typed("0.52"));
        assertThat(read.work().student()).isEqualTo("Ida Fenn");
        assertThat(HandIn.of(read)).isEqualTo(handIn);
    }
}
