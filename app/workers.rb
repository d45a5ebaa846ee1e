module Restauro
  # Processes that work pages out beside the one that serves them.
  #
  #   Nursery.open -> forks workers    Pool.new(nursery, ...).start    use HeavyWork, pool
  module Workers
    %w[HeavyWork Job Nursery Pool Seat Wire Worker].each do |name|
      autoload name.to_sym, File.join(__dir__, "workers", name.gsub(/(?<!^)([A-Z])/, '_\1').downcase)
    end
  end
end
