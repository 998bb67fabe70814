using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace AmberSpoon.Store;

/// <summary>Lets the migration tool build the model without starting the server.</summary>
public sealed class KitchenDbDesignFactory : IDesignTimeDbContextFactory<KitchenDb>
{
    public KitchenDb CreateDbContext(string[] args)
    {
        var options = new DbContextOptionsBuilder<KitchenDb>();
        KitchenDb.Configure(options, ":memory:");
        return new(options.Options);
    }
}
