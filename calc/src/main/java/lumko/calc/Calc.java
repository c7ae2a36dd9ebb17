package lumko.calc;

import java.io.PrintWriter;
import lumko.calc.job.CasesCommand;
import lumko.calc.job.JobCommand;
import lumko.calc.job.OrderCommand;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command and what its ends mean: 0 done, 2 something in the call or its input cannot be taken. */
@Command(
        name = "calc",
        description = "Calculates with the rules of Lumko, from tables to tables.",
        mixinStandardHelpOptions = true,
        subcommands = {
            DryingCommand.class,
            DifferenceCommand.class,
            SrgbCommand.class,
            SpectrumCommand.class,
            FilmCommand.class,
            RecipeCommand.class,
            BoxCommand.class,
            HideCommand.class,
            ScielabCommand.class,
            VisibilityCommand.class,
            JobCommand.class,
            CasesCommand.class,
            OrderCommand.class,
            PlanCommand.class
        })
public final class Calc {
    /** The input or the call cannot be taken. */
    static final int REFUSED = 2;

    /** Wide enough that an example stays on one line and can be copied. */
    private static final int WIDEST_HELP = 140;

    private Calc() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments));
    }

    static int run(String... arguments) {
        return new CommandLine(new Calc())
                .setUsageHelpWidth(WIDEST_HELP)
                .setExecutionExceptionHandler(Calc::refused)
                .setParameterExceptionHandler(Calc::misused)
                .execute(arguments);
    }

    private static int refused(Exception problem, CommandLine command, CommandLine.ParseResult ignored) {
        command.getErr().println(String.valueOf(problem.getMessage()));
        return REFUSED;
    }

    private static int misused(CommandLine.ParameterException problem, String[] ignored) {
        PrintWriter err = problem.getCommandLine().getErr();
        err.println(problem.getMessage());
        err.println("See: calc "
                + (problem.getCommandLine().getParent() == null
                        ? "--help"
                        : problem.getCommandLine().getCommandName() + " --help"));
        return REFUSED;
    }
}
